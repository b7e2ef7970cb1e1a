import Box from '@mui/material/Box';
import Button from '@mui/material/Button';

/** From page to page of a list; nothing where one page holds it all. */
export function Pages({ page, list, onPage }: { page: number; list: { total: number; size: number }; onPage: (page: number) => void }) {
  if (list.total <= list.size) return null;
  return (
    <Box sx={{ display: 'flex', gap: 2, justifyContent: 'center', alignItems: 'center', mt: 3 }}>
      <Button disabled={page === 1} onClick={() => onPage(page - 1)}>
        Previous page
      </Button>
      <span>
        {page} of {Math.ceil(list.total / list.size)}
      </span>
      <Button disabled={page * list.size >= list.total} onClick={() => onPage(page + 1)}>
        Next page
      </Button>
    </Box>
  );
}

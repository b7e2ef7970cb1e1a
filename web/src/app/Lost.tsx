import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { Notice } from '../ui/Notice';

export default function Lost() {
  return (
    <Notice title="Page not found">
      This address doesn’t exist.{' '}
      <Button component={Link} to="/" variant="outlined">
        Go to Book
      </Button>
    </Notice>
  );
}

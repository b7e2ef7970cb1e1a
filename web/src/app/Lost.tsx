import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { Notice } from '../shared/Notice';

export default function Lost() {
  return (
    <Notice title="There is no such room">
      The address leads nowhere.{' '}
      <Button component={Link} to="/" variant="outlined">
        To the book
      </Button>
    </Notice>
  );
}

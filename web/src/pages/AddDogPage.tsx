import Button from '@mui/material/Button';
import type { ElementType } from 'react';
import { Link } from 'react-router';
import { AddDog } from '../dog/AddDog';
import { Page } from '../ui/Page';

export function Component() {
  return (
    <Page
      title="Add a dog"
      actions={
        <Button component={Link as ElementType} to="/dogs/table">
          Many at once, from a table
        </Button>
      }
    >
      <AddDog />
    </Page>
  );
}

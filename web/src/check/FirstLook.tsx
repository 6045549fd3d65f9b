import Alert from '@mui/material/Alert';
import AlertTitle from '@mui/material/AlertTitle';

/** The first check of a dog explains itself. */
export function FirstLook({ name }: { name: string }) {
  return (
    <Alert severity="info" sx={{ mb: 2 }}>
      <AlertTitle>The first look at {name}</AlertTitle>
      Lift each flap, look in, sniff, feel the base gently. Every sign stands at “none” until you
      tap what you see. Right and left are the dog’s own. A little tan wax or a pink rim may be
      normal for it: after a few quiet looks that is known, and a look takes two taps.
    </Alert>
  );
}

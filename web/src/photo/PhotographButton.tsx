import CameraIcon from '@mui/icons-material/PhotoCameraOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import IconButton from '@mui/material/IconButton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useEffect, useId, useMemo, useState } from 'react';
import { useHousehold } from '../household/useMe';
import { earName } from '../measure/side';
import { frame, type Subject } from './photos';
import { useEarCamera, useKeepPhoto } from './usePhotos';
import { FileButton } from '../form/FileButton';

/** Photographs an ear or its wipes: with the device's camera, from a file, or with the ear camera. */
export function PhotographButton({
  subject,
  small = false,
}: {
  subject: Subject;
  /** Only the sign of a camera, where there is little room. */
  small?: boolean;
}) {
  const [open, setOpen] = useState(false);
  const what = `${subject.shows === 'EAR' ? '' : 'the wipes of '}the ${earName(subject.ear)}`;
  return (
    <>
      {small ? (
        <IconButton aria-label={`Photograph ${what}`} onClick={() => setOpen(true)}>
          <CameraIcon />
        </IconButton>
      ) : (
        <Button variant="outlined" startIcon={<CameraIcon />} onClick={() => setOpen(true)}>
          Photograph {what}
        </Button>
      )}
      {open && <PhotoDialog what={what} subject={subject} onClose={() => setOpen(false)} />}
    </>
  );
}

function PhotoDialog({
  what,
  subject,
  onClose,
}: {
  what: string;
  subject: Subject;
  onClose: () => void;
}) {
  const title = useId();
  const household = useHousehold().id;
  const camera = useEarCamera().data?.camera;
  const [picture, setPicture] = useState<Blob>();
  const keep = useKeepPhoto(subject, onClose);
  const look = useMutation({
    mutationFn: () => frame(household, subject.ear),
    onSuccess: setPicture,
  });
  const problem = keep.error ?? look.error;
  return (
    <Dialog open onClose={onClose} aria-labelledby={title} fullWidth maxWidth="sm">
      <DialogTitle id={title}>Photograph {what}</DialogTitle>
      <DialogContent>
        <Typography sx={{ mb: 1.5 }}>
          Hold something white beside it, such as a clean wipe: redness can be measured against it.
        </Typography>
        <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
          <FileButton label="Picture" accept="image/jpeg,image/png" onFile={setPicture}>
            Take or choose a picture
          </FileButton>
          {camera && (
            <Button variant="outlined" loading={look.isPending} onClick={() => look.mutate()}>
              {camera.name}
            </Button>
          )}
        </Stack>
        {picture && <Preview picture={picture} what={what} />}
        {problem && (
          <Alert severity="error" sx={{ mt: 1 }}>
            {problem.message}
          </Alert>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button
          variant="contained"
          disabled={!picture}
          loading={keep.isPending}
          onClick={() => picture && keep.mutate(picture)}
        >
          Keep it
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Preview({ picture, what }: { picture: Blob; what: string }) {
  const url = useMemo(() => URL.createObjectURL(picture), [picture]);
  useEffect(() => () => URL.revokeObjectURL(url), [url]);
  return (
    <Box
      component="img"
      src={url}
      alt={`What was taken of ${what}`}
      sx={{ display: 'block', mt: 1.5, maxWidth: '100%', maxHeight: '45vh', borderRadius: 1 }}
    />
  );
}

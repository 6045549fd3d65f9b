import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useMemo } from 'react';
import { useBreeds, type Breed } from './breeds';
import { matching } from './breedSearch';

/** Chooses a breed by its name or another of its names. */
export function BreedField({
  label,
  hint,
  value,
  onChange,
}: {
  label: string;
  hint: string;
  value: string | undefined;
  onChange: (breed: Breed | null) => void;
}) {
  const breeds = useBreeds();
  const chosen = useMemo(
    () => breeds.data?.find((breed) => breed.id === value) ?? null,
    [breeds.data, value],
  );
  return (
    <Autocomplete
      options={breeds.data ?? []}
      loading={breeds.isPending}
      value={chosen}
      onChange={(_, breed) => onChange(breed)}
      getOptionLabel={(breed) => breed.name}
      isOptionEqualToValue={(one, two) => one.id === two.id}
      filterOptions={(options, { inputValue }) => matching(options, inputValue)}
      autoHighlight
      noOptionsText="No breed of that name: leave it empty and describe the ears"
      renderInput={(params) => (
        <TextField {...params} label={label} helperText={chosen?.note ?? hint} />
      )}
    />
  );
}

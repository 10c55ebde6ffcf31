import { Box, Flex, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Button } from '../common/Button';
import { LengthField } from '../common/LengthField';
import { addPhotos } from '../shelf/photoPrints';
import { useShelfChanged } from '../shelf/queries';

const TYPICAL_LONG_SIDE_MM = 90;

type Props = {
  /** more than this there is no room for in a collage */
  readonly most: number;
  readonly onAdded: (designIds: readonly string[]) => void;
};

/** Many photos at once: each printed at one size, put on the shelf, and laid. */
export function AddPhotos({ most, onAdded }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const changed = useShelfChanged();
  const [longSideMm, setLongSideMm] = useState(TYPICAL_LONG_SIDE_MM);
  const [through, setThrough] = useState(0);
  const add = useMutation({
    mutationFn: async (files: readonly File[]) => {
      const taken = files.slice(0, most);
      const added = await addPhotos(taken, longSideMm, setThrough);
      return { ...added, leftOut: files.length - taken.length };
    },
    onSuccess: ({ ids }) => {
      if (ids.length > 0) {
        changed();
        onAdded(ids);
      }
    },
  });
  const take = (list: FileList | null) => {
    setThrough(0);
    add.mutate([...(list ?? [])]);
  };
  return (
    <Box mt="3">
      <input
        ref={input}
        type="file"
        multiple
        hidden
        data-testid="photo-files"
        accept=".png,.jpg,.jpeg,.webp,image/png,image/jpeg,image/webp"
        onChange={(e) => {
          take(e.currentTarget.files);
          e.currentTarget.value = '';
        }}
      />
      <Flex gap="3" align="flex-end">
        <LengthField
          width="47%"
          label="Long side of a print"
          value={null}
          keepText
          kind="SIZE"
          hint="90 mm (3 1/2 in) while nothing is typed"
          onLength={setLongSideMm}
        />
        <Button
          size="xs"
          disabled={add.isPending || most <= 0}
          onClick={() => input.current?.click()}
        >
          {add.isPending ? `${through} of ${add.variables.length} read…` : 'Photos from files…'}
        </Button>
      </Flex>
      <Box role="status">
        {add.data && (
          <Text fontSize="13px" color={add.data.refused.length > 0 ? 'rust' : 'moss'}>
            {add.data.ids.length === 1
              ? '1 photo is on the shelf and laid.'
              : `${add.data.ids.length} photos are on the shelf and laid.`}
          </Text>
        )}
        {add.data && add.data.leftOut > 0 && (
          <Text fontSize="13px" color="rust">
            {add.data.leftOut} left out: a collage holds no more.
          </Text>
        )}
        {add.data?.refused.map((r) => (
          <Text key={r.name} fontSize="13px" color="rust">
            {r.name}: {r.why}
          </Text>
        ))}
      </Box>
    </Box>
  );
}

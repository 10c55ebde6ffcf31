import { Box, Flex, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { FaceView, MarkFieldView } from '../../api/client';
import { Button } from '../../common/Button';
import { LengthField } from '../../common/LengthField';
import { TextField } from '../../common/TextField';
import { usePlan } from '../../plan/PlanProvider';

type Props = {
  readonly face: FaceView;
  readonly id: string;
  readonly name: string;
  readonly nameLabel: string;
  /** what the take-away button and the fields call it */
  readonly what: string;
  /** comes with the form: it follows the form's measures until it is made the face's own */
  readonly given?: boolean;
  readonly before?: ReactNode;
  readonly after?: ReactNode;
  readonly onName: (name: string) => void;
  readonly children?: ReactNode;
};

/** One mark with its measures. */
export function MarkCard({
  face,
  id,
  name,
  nameLabel,
  what,
  given,
  before,
  after,
  onName,
  children,
}: Props) {
  const plan = usePlan();
  return (
    <Box
      mt="2"
      p="3"
      bg={given ? 'sheet' : 'card'}
      borderWidth="1px"
      borderStyle={given ? 'dashed' : 'solid'}
      borderColor="hairline"
      borderRadius="lg"
      data-mark={id}
    >
      <Flex align="center" gap="2">
        {before}
        {given ? (
          <Text fontWeight="600" flex="1">
            {name}
          </Text>
        ) : (
          <TextField label={nameLabel} hideLabel value={name} most={60} onText={onName} />
        )}
        {after}
        {given ? (
          <Button
            size="xs"
            title="Comes with the form and follows its measures. Its own: to move or take away."
            onClick={() => plan.edit({ kind: 'OWN_MARKS', faceId: face.id })}
          >
            make its own
          </Button>
        ) : (
          <Button
            size="xs"
            look="warn"
            aria-label={`Take away ${what}`}
            onClick={() => plan.edit({ kind: 'TAKE_MARK_AWAY', faceId: face.id, markId: id })}
          >
            take away
          </Button>
        )}
      </Flex>
      {children && (
        <Flex wrap="wrap" gap="3" mt="2">
          {children}
        </Flex>
      )}
    </Box>
  );
}

/** The lengths of a mark, two beside each other. */
export function MarkLengths({
  fields,
  what,
  focusFirst,
  onLength,
}: {
  fields: ReadonlyArray<MarkFieldView>;
  what: string;
  focusFirst?: boolean;
  onLength: (key: string, mm: number, label: string) => void;
}) {
  return fields.map((f, i) => (
    <LengthField
      key={f.key}
      width="46%"
      label={f.label}
      name={`${f.label} of the ${what}`}
      value={f.length}
      kind={f.place ? 'PLACE' : 'SIZE'}
      autoFocus={focusFirst && i === 0}
      onLength={(mm) => onLength(f.key, mm, f.label)}
    />
  ));
}

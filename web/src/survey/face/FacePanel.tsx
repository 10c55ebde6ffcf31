import { Box, Flex, Text } from '@chakra-ui/react';
import type { FaceView } from '../../api/client';
import { Notes } from '../../common/Notes';
import { TextField } from '../../common/TextField';
import { usePlan } from '../../plan/PlanProvider';
import type { MarkKind } from '../marks';
import { FaceActions } from './FaceActions';
import { FacePhotos } from './FacePhotos';
import { MarkSections } from './MarkSections';
import { OutlineSection } from './OutlineSection';
import { SetIntoSection } from './SetIntoSection';
import { SideView } from './SideView';
import { SurfaceSection } from './SurfaceSection';

type Props = {
  readonly face: FaceView;
  readonly placing: MarkKind | null;
  /** the mark that was just put down: its first field is ready to type into */
  readonly fresh: string | null;
  readonly onPlacing: (placing: MarkKind | null) => void;
  readonly onAdd: (kind: MarkKind) => void;
};

/** Everything about one face: its name and outline, its surface, what is on it. */
export function FacePanel({ face, placing, fresh, onPlacing, onAdd }: Props) {
  const plan = usePlan();
  return (
    <Flex direction="column" gap="5">
      <Box>
        <Text fontSize="12.5px" color="soft" mb="1">
          {plan.document.name}
          {face.part && ` · comes off as number ${face.partNumber}`}
        </Text>
        <TextField
          label="Name of the face"
          value={face.name}
          most={60}
          onText={(name) => plan.edit({ kind: 'NAME_FACE', faceId: face.id, name })}
        />
      </Box>
      {face.notes.length > 0 && <Notes notes={face.notes} />}
      <FacePhotos face={face} />
      <SurfaceSection face={face} />
      <MarkSections
        face={face}
        placing={placing}
        fresh={fresh}
        onPlacing={onPlacing}
        onAdd={onAdd}
      />
      <OutlineSection face={face} />
      {face.added && <SetIntoSection face={face} />}
      {face.wraps && <SideView face={face} />}
      <FaceActions face={face} />
    </Flex>
  );
}

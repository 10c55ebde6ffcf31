import { Box, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { DesignGiven, DesignKind } from '../api/client';
import { ErrorState, Loading } from '../common/States';
import { DesignForm } from './DesignForm';
import { useDesign, useKinds } from './queries';

const BLANK: Omit<DesignGiven, 'kind'> = {
  name: '',
  motif: '',
  note: '',
  rights: 'ASK_FIRST',
  answers: { numbers: {}, choices: {} },
  motifs: [],
};

/** A new design: first its kind, then its picture and what the kind asks. */
export function NewDesignPage() {
  const kinds = useKinds();
  const [kind, setKind] = useState<DesignKind | null>(null);
  if (kinds.isPending) {
    return <Loading what="the kinds" />;
  }
  if (kinds.isError) {
    return <ErrorState problem={kinds.error} again={() => kinds.refetch()} />;
  }
  if (kind !== null) {
    return (
      <DesignForm
        key={kind}
        start={{ ...BLANK, kind }}
        designId={null}
        drawn={kinds.data.find((k) => k.kind === kind)?.drawn ?? 'PICTURE'}
        back={() => setKind(null)}
      />
    );
  }
  return (
    <Box px="8" py="5" maxW="1120px">
      <Text fontSize="13px" color="soft">
        <Link to="/shelf">Shelf</Link>
      </Text>
      <Heading as="h1" fontFamily="heading" fontSize="26px" fontWeight="600">
        What goes onto the shelf?
      </Heading>
      <Text color="soft" mb="4">
        Each kind asks for what its sums need, and no more.
      </Text>
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(250px, 1fr))" gap="2">
        {kinds.data.map((k) => (
          <Box
            key={k.kind}
            as="button"
            textAlign="left"
            bg="sheet"
            borderWidth="1px"
            borderColor="hairline"
            borderRadius="md"
            px="4"
            py="3"
            _hover={{ borderColor: 'sea', bg: 'card' }}
            onClick={() => setKind(k.kind)}
          >
            <Text fontWeight="600" fontFamily="heading" fontSize="16px">
              {k.name}
            </Text>
            <Text color="soft" fontSize="13px" lineHeight="1.35">
              {k.about}
            </Text>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** A design that is there, told anew. */
export function ChangeDesignPage() {
  const { designId = '' } = useParams();
  const design = useDesign(designId);
  const kinds = useKinds();
  const go = useNavigate();
  if (design.isPending || kinds.isPending) {
    return <Loading what="the design" />;
  }
  if (design.isError) {
    return <ErrorState problem={design.error} again={() => design.refetch()} />;
  }
  return (
    <DesignForm
      start={design.data.given}
      designId={designId}
      readAs={design.data.version}
      drawn={kinds.data?.find((k) => k.kind === design.data.given.kind)?.drawn ?? 'PICTURE'}
      back={() => go(`/shelf/designs/${designId}`)}
    />
  );
}

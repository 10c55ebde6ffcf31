import { Heading, Text } from '@chakra-ui/react';
import { Fig } from '../common/Fig';

export function SectionTitle({ children, note }: { children: React.ReactNode; note?: string }) {
  return (
    <>
      <Heading as="h3" fontFamily="heading" fontSize="15px" fontWeight="600">
        {children}
      </Heading>
      {note && (
        <Text fontSize="12px" color="soft">
          <Fig text={note} />
        </Text>
      )}
    </>
  );
}

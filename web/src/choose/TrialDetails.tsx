import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, ask, type TrialView } from '../api/client';
import { PictureColours } from '../coats/PictureColours';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';
import { Section } from '../common/Section';
import { FactList } from '../shelf/DesignBrief';
import { useDesign, useShelfChanged } from '../shelf/queries';
import { SheetView } from '../shelf/SheetView';

export const VERDICT_COLOUR = {
  FITS: 'moss',
  FITS_PARTLY: 'soft',
  DOES_NOT_FIT: 'rust',
} as const;

type Props = {
  readonly trial: TrialView;
  readonly pieceId: string;
  readonly faceName: string;
  readonly onLay: () => void;
  readonly canLay: boolean;
};

/** What the chosen design would do on this face, what it is like, how much there is. */
export function TrialDetails({ trial, pieceId, faceName, onLay, canLay }: Props) {
  const design = useDesign(trial.designId).data;
  const stencil = trial.painted;
  return (
    <Flex direction="column" gap="3">
      <Box>
        <Text fontSize="12.5px" color="soft">
          {trial.kindText}
        </Text>
        <Heading as="h2" fontFamily="heading" fontSize="20px" fontWeight="600">
          {trial.name}
        </Heading>
      </Box>
      <Box>
        <Heading as="h3" fontFamily="heading" fontSize="15px" fontWeight="600">
          On the {faceName}
        </Heading>
        <Text color={VERDICT_COLOUR[trial.verdict]} fontWeight="600">
          <Fig text={trial.verdictText} />
        </Text>
        <Text color={trial.stock === 'SHORT' ? 'rust' : 'soft'}>
          <Fig text={trial.stockText} />
        </Text>
        {!trial.maySell && (
          <Text color="rust" fontSize="13px">
            {trial.rightsText}: a piece for sale needs leave first.
          </Text>
        )}
        <Text color="soft" fontSize="13px">
          {trial.verdict === 'DOES_NOT_FIT' && trial.cutToFit
            ? 'It may be cut: laid, it finds the place that spoils least, and goes over further faces.'
            : trial.verdict === 'DOES_NOT_FIT'
              ? 'Try it on another face (F), or choose a smaller one.'
              : stencil
                ? 'A first guess, clear of what is laid already. You can move it next.'
                : 'A first guess at true size.'}
        </Text>
      </Box>
      <Button
        look="sea"
        size="md"
        onClick={onLay}
        disabled={(trial.verdict === 'DOES_NOT_FIT' && !trial.cutToFit) || (stencil && !canLay)}
      >
        Lay it on the {faceName}
      </Button>
      {/* below the button: what comes later must not move it away from whoever presses it */}
      {design && (
        <Box>
          <SheetView design={design} width={288} height={210} />
          <Text color="soft">{design.given.note}</Text>
        </Box>
      )}
      {design && <KeepForPiece design={design} pieceId={pieceId} />}
      {design && <FactList facts={design.reading.facts} />}
      {!stencil && <PictureColours designId={trial.designId} />}
      <Link to={`/shelf/designs/${trial.designId}`}>
        <Text as="span" color="sea">
          Its page on the shelf
        </Text>
      </Link>
    </Flex>
  );
}

/** Keeps some of it for this piece, so that no other plan counts on it. */
function KeepForPiece({
  design,
  pieceId,
}: {
  design: NonNullable<ReturnType<typeof useDesign>['data']>;
  pieceId: string;
}) {
  const stock = design.holdings.find((h) => h.holding.form !== 'OFFCUT' && h.holding.level > 0);
  const mine = stock?.holding.claims.filter((c) => c.pieceId === pieceId) ?? [];
  const [quantity, setQuantity] = useState('');
  const changed = useShelfChanged();
  const keep = useMutation({
    mutationFn: (text: string) =>
      ask(
        api.PUT('/api/pieces/{id}/kept/{holdingId}', {
          params: { path: { id: pieceId, holdingId: stock?.holding.id ?? '' } },
          body: { quantity: text },
        }),
        true,
      ),
    onSuccess: () => {
      setQuantity('');
      changed();
    },
  });
  if (stock === undefined || design.reading.painted) {
    return null;
  }
  return (
    <Section title="Keep some for this piece">
      <Text color="soft" fontSize="13px">
        {mine.length > 0 ? (
          <>
            Kept: <Fig text={mine.map((c) => c.grantedText).join(', ')} />
            {mine.some((c) => c.missingText) &&
              `, short by ${mine.map((c) => c.missingText).join(', ')}`}
            .
          </>
        ) : (
          <>
            <Fig text={stock.holding.availableText} /> free of{' '}
            <Fig text={stock.holding.levelText} />.
          </>
        )}
      </Text>
      <Flex
        as="form"
        gap="2"
        align="flex-end"
        onSubmit={(e: React.FormEvent) => {
          e.preventDefault();
          keep.mutate(quantity);
        }}
      >
        <PlainField label="How much" value={quantity} onText={setQuantity} width="120px" />
        <Button type="submit" disabled={quantity.trim() === '' || keep.isPending}>
          Keep
        </Button>
        {mine.length > 0 && (
          <Button look="plain" onClick={() => keep.mutate('0')}>
            Let it go
          </Button>
        )}
      </Flex>
      <Refusal of={keep.error} />
    </Section>
  );
}

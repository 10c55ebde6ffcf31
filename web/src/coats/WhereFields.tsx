import { Box, Flex, Text } from '@chakra-ui/react';
import type { CoatWhere } from '../api/client';
import { ChoiceField } from '../common/ChoiceField';
import { Pill } from '../common/Pill';
import { among, placesOf } from './places';

/** Where something goes, and how wide, how thick, or on how much of it. */
export function WhereFields({
  of,
  where,
  onWhere,
}: {
  of: string;
  where: CoatWhere;
  onWhere: (where: CoatWhere) => void;
}) {
  return (
    <Flex direction="column" gap="3">
      <Pills title="Where">
        {placesOf(of, where).map(([name, place]) => (
          <Pill key={name} on={where.kind === place.kind} onClick={() => onWhere(place)}>
            {name}
          </Pill>
        ))}
      </Pills>
      <Amounts where={where} onWhere={onWhere} />
    </Flex>
  );
}

function Amounts({ where, onWhere }: { where: CoatWhere; onWhere: (where: CoatWhere) => void }) {
  switch (where.kind) {
    case 'EDGES':
      return (
        <Flex gap="3">
          <Choice
            label="Width of the band"
            value={where.widthMm ?? 12}
            usual={[3, 6, 12, 25, 40, 60]}
            say={(w) => `${w} mm`}
            onChoice={(widthMm) => onWhere({ ...where, widthMm })}
          />
          <Choice
            label="Of all edges"
            value={where.share ?? 1}
            usual={[0.2, 0.4, 0.6, 0.8, 1]}
            say={percent}
            onChoice={(share) => onWhere({ ...where, share })}
          />
        </Flex>
      );
    case 'HIGH_SPOTS':
    case 'RECESSES':
    case 'SPLATTER':
      return (
        <Choice
          label="Share of the area"
          value={where.share ?? 0.12}
          usual={[0.03, 0.05, 0.12, 0.15, 0.25, 0.4]}
          say={percent}
          onChoice={(share) => onWhere({ ...where, share })}
        />
      );
    case 'POURED':
      return (
        <Choice
          label="Thickness of a pour"
          value={where.thicknessMm ?? 2}
          usual={[1, 1.5, 2, 3, 5]}
          say={(t) => `${t} mm`}
          onChoice={(thicknessMm) => onWhere({ ...where, thicknessMm })}
        />
      );
    default:
      return null;
  }
}

const percent = (share: number) => `${Math.round(share * 100)} %`;

function Choice({
  label,
  value,
  usual,
  say,
  onChoice,
}: {
  label: string;
  value: number;
  usual: ReadonlyArray<number>;
  say: (value: number) => string;
  onChoice: (value: number) => void;
}) {
  return (
    <ChoiceField
      label={label}
      value={String(value)}
      among={among(usual, value).map((v) => [String(v), say(v)] as const)}
      onChoice={(v) => onChoice(Number(v))}
    />
  );
}

export function Pills({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box>
      <Text color="soft" fontSize="13px" fontWeight="500" mb="1">
        {title}
      </Text>
      <Flex wrap="wrap" gap="1.5">
        {children}
      </Flex>
    </Box>
  );
}

import { Button as Base, type ButtonProps } from '@chakra-ui/react';

type Look = 'sea' | 'quiet' | 'plain' | 'warn';
type Size = 'xs' | 'sm' | 'md';

/** The studio's button; its looks are the recipe of the theme. */
export function Button({
  look = 'quiet',
  size = 'sm',
  ...rest
}: Omit<ButtonProps, 'variant' | 'size'> & { look?: Look; size?: Size }) {
  return <Base type="button" variant={look as never} size={size} {...rest} />;
}

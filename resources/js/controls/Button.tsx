import { chakra, type HTMLChakraProps, type RecipeVariantProps, useRecipe } from '@chakra-ui/react';

type Look = 'main' | 'plain' | 'quiet' | 'answer';

/** A button of the house. */
export function Button({ look = 'main', ...rest }: HTMLChakraProps<'button'> & { look?: Look }) {
  const recipe = useRecipe({ key: 'button' });
  return <chakra.button type="button" css={recipe({ look } as RecipeVariantProps<typeof recipe>)} {...rest} />;
}

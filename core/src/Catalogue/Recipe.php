<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** How a device is made ready to join, step by step, and how it is made to leave; for one revision of its hardware. */
final readonly class Recipe
{
    /** What a light can say beside “I wait to be found” */
    public const MEANINGS = ['owned', 'held', 'low'];

    /**
     * @param  list<string>  $needs  what must be there first
     * @param  list<Step>  $join
     * @param  list<Step>  $leave
     * @param  string  $light  what its light does when it waits to be found
     * @param  array<string, LightSign>  $signs  what other patterns of its light mean, by meaning: owned, held, low
     * @param  array<string, self>  $variants  where other hardware does it in another way, by revision
     */
    private function __construct(
        public array $needs,
        public array $join,
        public array $leave,
        public string $light,
        public LightSign $sign,
        public array $signs,
        public array $variants,
    ) {}

    public static function fromInput(Input $input): self
    {
        $recipe = self::read($input, null);
        $variants = [];
        foreach ($input->find('variants')?->items() ?? [] as $variant) {
            $hardware = $variant->get('hardware')->idUpTo(40);
            if (isset($variants[$hardware])) {
                throw InvalidInput::duplicateId($hardware, $variant->get('hardware')->at);
            }
            $variants[$hardware] = self::read($variant, $recipe);
        }

        return new self($recipe->needs, $recipe->join, $recipe->leave, $recipe->light, $recipe->sign, $recipe->signs, $variants);
    }

    /** The recipe of this revision; that of all others where it has none of its own, or nobody has said which it is. */
    public function of(?string $hardware): self
    {
        return $this->variants[$hardware ?? ''] ?? $this;
    }

    /** What a person says who sees that light: "It blinks slowly". */
    public function seen(): string
    {
        return (string) preg_replace('/^(?:the|its) [\\p{L}-]+ /u', 'It ', $this->light);
    }

    /** The step that a person does on the device while the window is open. */
    public function gesture(): ?Step
    {
        $gestures = array_filter($this->join, static fn (Step $step): bool => $step->isGesture());

        return $gestures === [] ? null : $gestures[array_key_last($gestures)];
    }

    /** @return array<string, LightSign> */
    private static function signs(?Input $input): array
    {
        $signs = [];
        foreach (self::MEANINGS as $meaning) {
            $sign = $input?->find($meaning);
            if ($sign !== null) {
                $signs[$meaning] = LightSign::fromInput($sign);
            }
        }

        return $signs;
    }

    /** What a variant leaves out is as in the others. */
    private static function read(Input $input, ?self $usual): self
    {
        $steps = static fn (Input $list): array => array_map(Step::fromInput(...), $list->items());
        $sign = $usual === null || $input->find('light') !== null ? LightSign::fromInput($input->get('light')) : $usual->sign;

        return new self(
            array_map(static fn (Input $need): string => $need->text(), $input->find('needs')?->items() ?? []) ?: $usual->needs ?? [],
            $usual === null || $input->find('join') !== null ? $steps($input->get('join')) : $usual->join,
            $input->find('leave') === null ? $usual->leave ?? [] : $steps($input->get('leave')),
            $sign->words,
            $sign,
            self::signs($input->find('signs')) ?: $usual->signs ?? [],
            [],
        );
    }
}

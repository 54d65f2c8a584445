<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;

/** How a device is made ready to join, step by step, and how it is made to leave. */
final readonly class Recipe
{
    /**
     * @param  list<string>  $needs  what must be there first
     * @param  list<Step>  $join
     * @param  list<Step>  $leave
     * @param  string  $light  what its light does when it waits to be found
     */
    private function __construct(public array $needs, public array $join, public array $leave, public string $light) {}

    public static function fromInput(Input $input): self
    {
        $steps = static fn (?Input $list): array => array_map(Step::fromInput(...), $list?->items() ?? []);

        return new self(
            array_map(static fn (Input $need): string => $need->text(), $input->find('needs')?->items() ?? []),
            $steps($input->get('join')),
            $steps($input->find('leave')),
            $input->get('light')->text(),
        );
    }

    /** What a person says who sees that light: "It blinks slowly". */
    public function seen(): string
    {
        return (string) preg_replace('/^(?:the|its) [\\p{L}-]+ /u', 'It ', $this->light);
    }

    /** The step that a person does while the window is open; the last that is not just looking. */
    public function gesture(): ?Step
    {
        return $this->join === [] ? null : $this->join[count($this->join) - 1];
    }
}

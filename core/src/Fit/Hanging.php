<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use DateTimeZone;
use Kavvel\Core\Input\Input;

/** How far a powered blind or a lock is: up, safe, and taught. */
final readonly class Hanging
{
    public const SCREWS = 'screws';

    public const ADHESIVE = 'adhesive';

    /**
     * @param  list<HangStep>  $steps  of its kind of device, in order
     * @param  array<string, Act>  $done  by step
     * @param  string|null  $fixing  SCREWS or ADHESIVE; null: not up yet
     */
    private function __construct(public array $steps, public array $done = [], public ?string $fixing = null) {}

    /** @param list<HangStep> $steps of its kind of device, in order */
    public static function none(array $steps): self
    {
        return new self($steps);
    }

    /** @param list<HangStep> $steps of its kind of device, in order */
    public static function fromInput(Input $input, DateTimeZone $site, array $steps): self
    {
        $done = [];
        foreach (HangStep::cases() as $step) {
            if ($input->find($step->value) !== null) {
                $done[$step->value] = Act::fromInput($input->get($step->value), $site);
            }
        }

        return new self($steps, $done, $input->find('fixing')?->word([self::SCREWS, self::ADHESIVE]));
    }

    /** @return array<string, mixed> as it is kept, and read again */
    public function row(): array
    {
        return [...array_map(static fn (Act $act): array => $act->row(), $this->done), 'fixing' => $this->fixing];
    }

    public function next(): ?HangStep
    {
        foreach ($this->steps as $step) {
            if (! isset($this->done[$step->value])) {
                return $step;
            }
        }

        return null;
    }

    public function isDone(): bool
    {
        return $this->next() === null;
    }

    public function hang(string $fixing, Act $act): self
    {
        return new self($this->steps, [...$this->done, HangStep::Mounted->value => $act], $fixing);
    }

    /** @throws WorkRefused where a step before it is not done */
    public function do(HangStep $step, Act $act): self
    {
        foreach ($this->steps as $one) {
            if ($one === $step) {
                break;
            }
            if (! isset($this->done[$one->value])) {
                throw WorkRefused::stepFirst($one);
            }
        }

        return new self($this->steps, [...$this->done, $step->value => $act], $this->fixing);
    }

    /** It was not, and what came after it is to be done again. */
    public function undo(HangStep $step): self
    {
        $done = [];
        foreach ($this->steps as $one) {
            if ($one === $step) {
                break;
            }
            if (isset($this->done[$one->value])) {
                $done[$one->value] = $this->done[$one->value];
            }
        }

        return new self($this->steps, $done, isset($done[HangStep::Mounted->value]) ? $this->fixing : null);
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

use Kavvel\Core\Protocol\Joining;

/** A rung of the ladder of one slot: one of its own, or that of an ecosystem which it is linked into. */
final readonly class LadderStep
{
    private function __construct(public Rung $rung, public string $ecosystem = '', private string $name = '') {}

    public static function own(Rung $rung): self
    {
        return new self($rung);
    }

    /** @param string $name as people call it */
    public static function into(string $ecosystem, string $name): self
    {
        return new self(Rung::Ecosystem, $ecosystem, $name);
    }

    public function key(): string
    {
        return trim("{$this->rung->value} {$this->ecosystem}");
    }

    public function words(Joining $joining = Joining::Window): string
    {
        return $this->rung === Rung::Ecosystem ? $this->name : $this->rung->words($joining);
    }
}

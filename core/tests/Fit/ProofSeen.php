<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Fit;

use Kavvel\Core\Fit\Act;

/** What a bystander with a notebook would have seen of the proofs at a circuit. */
final class ProofSeen
{
    /** Of four conductors and earth */
    private const ALL_PAIRS = 10;

    public bool $isLive = false;

    public bool $isOff = false;

    /** @var array<string, bool> by person */
    public array $tagged = [];

    /** @var array<string, bool> */
    private array $works = [];

    /** @var array<string, array<string, float>> readings by box and pair */
    private array $read = [];

    /** @var array<string, string> day of the proof, by box */
    private array $provedOn = [];

    public function begins(string $slot): void
    {
        $this->works[$slot] = false;
        $this->read[$slot] = [];
        unset($this->provedOn[$slot]);
    }

    public function detector(string $slot, bool $works): void
    {
        $this->begins($slot);
        $this->works[$slot] = $works;
    }

    public function reads(string $slot, string $a, string $b, float $volts): void
    {
        $pair = [$a, $b];
        sort($pair);
        $this->read[$slot][implode(' ', $pair)] = $volts;
    }

    public function detectorAgain(string $slot, bool $works, Act $act): void
    {
        $isDead = count($this->read[$slot] ?? []) === self::ALL_PAIRS && array_sum($this->read[$slot]) === 0.0;
        if ($works && $isDead && ($this->works[$slot] ?? false)) {
            $this->provedOn[$slot] = $act->at->format('Y-m-d');
        } elseif (! $works) {
            $this->begins($slot);
        }
    }

    public function goesOn(string $slot): void
    {
        $this->begins($slot);
        $this->isLive = $this->isOff = false;
        $this->tagged = [];
    }

    public function isProved(string $slot, Act $act): bool
    {
        return $this->isLive && $this->isOff && ($this->tagged[$act->by] ?? false)
            && ($this->provedOn[$slot] ?? null) === $act->at->format('Y-m-d');
    }
}

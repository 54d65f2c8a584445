<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use DomainException;

/** Something at a circuit that can't be done yet, or not by this person: the sentence says what comes first. */
final class WorkRefused extends DomainException
{
    /** @param list<string> $boxes that the sentence names, by key */
    private function __construct(string $message, private readonly array $boxes = [])
    {
        parent::__construct($message);
    }

    /**
     * The same as people call the boxes.
     *
     * @param  callable(string): string  $title
     */
    public function withTitles(callable $title): self
    {
        return $this->boxes === [] ? $this : self::boxesOpen(array_map($title, $this->boxes));
    }

    public static function notAccepted(): self
    {
        return new self('Say first that you may do this work here.');
    }

    public static function sourcesOpen(EnergySource $source): self
    {
        return new self("Look first: {$source->words()}.");
    }

    public static function tooFewConductors(): self
    {
        return new self('Dead is measured from one conductor to another: note all that come into the box, and earth.');
    }

    public static function notOpened(): self
    {
        return new self('Nobody has begun at this box. Begin there first.');
    }

    public static function boxOf(string $person): self
    {
        return new self("{$person} works at this box. Only {$person} can go on there, or take another box.");
    }

    public static function isFitted(): self
    {
        return new self('It is in and closed already.');
    }

    public static function detectorFirst(): self
    {
        return new self('Prove the detector on a source that is known to be live first.');
    }

    public static function readsDead(float $volts): self
    {
        return new self(
            "{$volts} V with the breaker on: this box is not fed from this circuit, or it is off already. Find out which circuit feeds it.",
        );
    }

    public static function liveFirst(): self
    {
        return new self('Read it live first: else a dead reading says nothing.');
    }

    public static function isOffAlready(): self
    {
        return new self('It is switched off already: nothing can be read live.');
    }

    public static function offFirst(): self
    {
        return new self('Switch the circuit off first.');
    }

    public static function lockFirst(): self
    {
        return new self('Your own lock and tag come first: nobody else can take them off.');
    }

    public static function noSuchPair(string $a, string $b): self
    {
        return new self("{$a} to {$b} is no pair of conductors of this box.");
    }

    public static function isStopped(string $why): self
    {
        return new self("The work stands still: {$why} Find out why, then prove it dead anew.");
    }

    /** @param array{string, string} $pair */
    public static function pairOpen(array $pair): self
    {
        return new self("Not measured yet: {$pair[0]} to {$pair[1]}.");
    }

    public static function notProved(): self
    {
        return new self('This box is not proved dead today. Prove it first.');
    }

    public static function notMeasured(string $wire): self
    {
        return new self("The {$wire} conductor was not among those that were measured. Prove the box dead anew, with all of them.");
    }

    public static function worksheetOpen(string $words): self
    {
        return new self("The conductors are not settled. {$words}");
    }

    /** @param list<string> $boxes */
    public static function boxesOpen(array $boxes): self
    {
        return new self('Work is still open: '.implode(', ', $boxes).'. Close it, or put it back as it was.', $boxes);
    }

    /** @param list<string> $people */
    public static function locksOn(array $people): self
    {
        return new self('Still locked off by '.implode(' and ', $people).'. Each takes their own lock off.');
    }

    public static function stepFirst(HangStep $step): self
    {
        return new self("First: {$step->words()}.");
    }

    public static function isOn(): self
    {
        return new self('The circuit is live again. Begin anew.');
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use DateInterval;
use DateTimeImmutable;
use Kavvel\Core\Input\Input;

/** How far a link is: its acts in order, each with who did it and when. It is kept as it was begun, whatever its sheets say later. */
final readonly class LinkRun
{
    /**
     * @param  list<Act>  $acts
     * @param  array<int, ActDone>  $done  by number of the act
     */
    private function __construct(public array $acts, public array $done) {}

    /** @param list<Act> $acts */
    public static function begin(array $acts): self
    {
        return new self($acts, []);
    }

    /**
     * What is done of a link from its sheets: names and the list of what is shown first, then what is done at the box, then at the
     * ecosystem, and at last what appeared is counted.
     *
     * @param  list<Act>  $atSource
     * @param  list<Act>  $atTarget
     * @return list<Act>
     */
    public static function acts(Link $link, array $atSource, array $atTarget): array
    {
        if (! $link->isIntoEcosystem && $link->from === null) {
            return [self::join(count($link->devices))];
        }
        $isShown = $link->isIntoEcosystem;
        $sorted = [...$atSource, ...$atTarget];
        // Signed in on one side before a window of a few minutes is opened on the other.
        usort($sorted, static fn (Act $a, Act $b): int => self::turn($a) <=> self::turn($b));

        return [
            ...$isShown ? [Act::own(ActKind::Names, 'Set the names at the source', 0)] : [],
            ...$isShown && $link->form !== Form::MATTER
                ? [Act::own(ActKind::Include, 'Make the list of what is shown', 2)]
                : [],
            ...$sorted,
            ...$isShown ? [Act::own(ActKind::Count, 'Count what appears', 1)] : [],
        ];
    }

    public static function fromInput(Input $input): self
    {
        $acts = $done = [];
        foreach ($input->items() as $number => $row) {
            $acts[] = Act::fromInput($row);
            if ($row->find('done') !== null) {
                $done[$number] = ActDone::fromInput($row->get('done'));
            }
        }

        return new self($acts, $done);
    }

    /** @return list<array<string, mixed>> */
    public function toArray(): array
    {
        return array_values(array_map(
            fn (int $number, Act $act): array => $act->toArray()
                + (isset($this->done[$number]) ? ['done' => $this->done[$number]->toArray()] : []),
            array_keys($this->acts),
            $this->acts,
        ));
    }

    /** The number of the act that is next; null: the link is made. */
    public function current(): ?int
    {
        foreach (array_keys($this->acts) as $number) {
            if (! isset($this->done[$number])) {
                return $number;
            }
        }

        return null;
    }

    public function act(): ?Act
    {
        return $this->current() === null ? null : $this->acts[$this->current()];
    }

    public function isMade(): bool
    {
        return $this->current() === null;
    }

    public function isBegun(): bool
    {
        return $this->done !== [];
    }

    /** Minutes of what is still to be done. */
    public function minutesLeft(): int
    {
        return array_sum(array_map(
            fn (int $number, Act $act): int => isset($this->done[$number]) ? 0 : $act->minutes,
            array_keys($this->acts),
            $this->acts,
        ));
    }

    /**
     * @throws ActOutOfTurn where another act is next: somebody else did this one
     */
    public function do(int $number, DateTimeImmutable $at, string $by, string $note = ''): self
    {
        if ($number !== $this->current()) {
            throw ActOutOfTurn::isNot($this->act());
        }

        return new self($this->acts, $this->done + [$number => new ActDone($at, $by, $note)]);
    }

    /** Back to an act, with all that came after it: a window that ended, a list that was not right. */
    public function backTo(int $number): self
    {
        return new self($this->acts, array_filter($this->done, static fn (int $one): bool => $one < $number, ARRAY_FILTER_USE_KEY));
    }

    /**
     * What is added to an export that is made appears there at once: its name comes first, then the list of what is shown, and what
     * appears is counted anew. A device that is passed on by itself has a window, a code or a key of its own: for that, everything but
     * the account is done again.
     *
     * @param  list<string>  $carried  devices that went by it when it was made, and are there still
     * @param  list<string>  $now
     * @param  bool  $isOfDevices  they are passed on by themselves, and by no box
     */
    public function grown(array $carried, array $now, bool $isOfDevices): self
    {
        $added = array_diff($now, $carried);
        if (! $this->isMade() || $added === []) {
            return $this;
        }
        if ($this->acts[0]->kind === ActKind::Join) {
            return self::begin([self::join(count($added))]);
        }
        $again = array_filter(array_keys($this->acts), fn (int $number): bool => $isOfDevices
            ? ! in_array($this->acts[$number]->kind, [ActKind::SwitchOn, ActKind::SignIn], true)
            : in_array($this->acts[$number]->kind, [ActKind::Names, ActKind::Include, ActKind::Count], true));

        return new self($this->acts, array_diff_key($this->done, array_flip($again)));
    }

    /** The number of the last act of a kind before the one that is next. */
    public function last(ActKind $kind): ?int
    {
        $found = null;
        foreach ($this->acts as $number => $act) {
            if ($act->kind === $kind && isset($this->done[$number])) {
                $found = $number;
            }
        }

        return $found;
    }

    /** Until when the window of the act that is next is open; null: none is needed, or none was opened. */
    public function windowUntil(): ?DateTimeImmutable
    {
        $window = $this->last(ActKind::Window);
        $isNeeded = $this->act()?->kind === ActKind::Scan || $this->act()?->kind === ActKind::Discover;

        return $window === null || ! $isNeeded
            ? null
            : $this->done[$window]->at->add(new DateInterval("PT{$this->acts[$window]->seconds}S"));
    }

    private static function join(int $devices): Act
    {
        $say = $devices === 1 ? 'Let the device join it' : "Let {$devices} devices join it, one at a time";

        return Act::own(ActKind::Join, $say, 3 * $devices);
    }

    private static function turn(Act $act): int
    {
        return match ($act->kind) {
            ActKind::SwitchOn => 0,
            ActKind::SignIn => 1,
            ActKind::Key => 2,
            ActKind::Window => 3,
            default => 4,
        };
    }
}

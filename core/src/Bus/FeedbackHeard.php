<?php

declare(strict_types=1);

namespace Kavvel\Core\Bus;

/** What an address that tells a state did after that state was asked for. */
final readonly class FeedbackHeard
{
    private function __construct(public GroupEntry $asks, public GroupEntry $tells, public Feedback $verdict, public ?Said $told) {}

    /**
     * Only the last telegrams count: what was told before, and is not told now, is silent. Who asks can't be who tells: a key
     * that sends to both addresses shows nothing of the load.
     *
     * @param  Said|null  $asked  the last at the one address
     * @param  Said|null  $told  the last at the other
     */
    public static function of(GroupEntry $asks, BusFunction $what, ?Said $asked, GroupEntry $tells, ?Said $told, int $nowMs): self
    {
        if ($asked === null) {
            return new self($asks, $tells, Feedback::NotTried, $told);
        }
        $isAnswer = $told !== null && $told->atMs >= $asked->atMs && ($told->from === null || $told->from !== $asked->from);

        return new self($asks, $tells, match (true) {
            $isAnswer => $what->isToldAsAsked() && ! $asked->agreesWith($told) ? Feedback::Otherwise : Feedback::Proved,
            ($asked->followedUntilMs ?? $nowMs) - $asked->atMs >= $what->isToldWithinMs() => Feedback::Silent,
            $asked->followedUntilMs === null => Feedback::Waiting,
            default => Feedback::NotTried,
        }, $told);
    }

    /** What is wrong with it, in words; null: nothing that was shown. */
    public function finding(): ?string
    {
        $asked = $this->asks->function?->words() ?? $this->asks->name;

        return match ($this->verdict) {
            Feedback::Silent => "{$this->tells->address->text} told nothing after the {$asked} at {$this->asks->address->text}.",
            Feedback::Otherwise => "{$this->tells->address->text} told “{$this->told?->value}”, another than the {$asked} at "
                ."{$this->asks->address->text} asked for.",
            default => null,
        };
    }
}

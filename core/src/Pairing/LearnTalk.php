<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** What is to be done with a key of a remote, where a hub can send and learn: nobody but a person sees whether the device obeys. */
enum LearnTalk
{
    /** No hub sends for it over its link: what is done at its own sender is written down */
    case ByHand;

    /** The hub sends it, from its preset or as it was learnt */
    case Send;

    /** It was sent: did the device obey? */
    case Answer;

    /** The hub listens for the remote */
    case Listen;
    case Listening;

    /** The hub is silent, or its receiver listens for another key */
    case Wait;
    case Done;

    /**
     * @param  bool  $isLinked  a hub sends and learns for it over its link
     * @param  bool  $isBlocked  that hub is silent, or listens for another key
     * @param  bool  $isListening  it listens for this key
     * @param  bool  $isSent  the hub has sent it since it was changed last
     */
    public static function of(LearnStep $step, bool $isLinked, bool $isBlocked, bool $isListening, bool $isSent): self
    {
        return match (true) {
            $step === LearnStep::Done => self::Done,
            ! $isLinked => self::ByHand,
            $isListening => self::Listening,
            $step !== LearnStep::Learn && $isSent => self::Answer,
            $isBlocked => self::Wait,
            $step === LearnStep::Learn => self::Listen,
            default => self::Send,
        };
    }
}

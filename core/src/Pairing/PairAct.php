<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** What is to be done next for a device that is to come in: the one big button. */
enum PairAct
{
    /** The hub is busy with it, or its radio with another */
    case Wait;

    /** What is open of the hub's sheet, before its first device */
    case SettleHub;

    /** It is taken out of whatever network it is in */
    case Exclude;

    /** Somebody takes it out where it was found */
    case SayItLeft;
    case GiveCode;

    /** The hub has it, and asks for the digits that only its sticker has */
    case GivePin;

    /** It works by hand before its radio is asked for */
    case FitFirst;
    case SayWhatItShows;
    case OpenWindow;

    /**
     * What can be done without the radio is done while another has it; what would be in vain without it waits.
     *
     * @param  bool  $isLightSeen  somebody has said that its light is as it should be
     * @param  bool  $isBlocked  its radio is taken, or its hub is silent
     * @param  bool  $isHubOpen  something of the hub's sheet comes first
     * @param  bool  $isExcludedFirst  what speaks most for it is that another network has it
     * @param  bool  $isPinAsked  the hub waits for the first digits of its key
     * @param  bool  $isHeld  it was found in another network, and nobody has noted that it left
     */
    public static function of(
        PairPhase $phase,
        bool $isLightSeen,
        bool $isBlocked,
        bool $isHubOpen,
        bool $isExcludedFirst,
        bool $isHeld,
        bool $isCodeFirst,
        bool $isFittedFirst,
        bool $isPinAsked,
    ): self {
        if ($isPinAsked && $phase->isUnderWay()) {
            return self::GivePin;
        }
        if ($phase === PairPhase::Waiting && ! $isLightSeen) {
            return self::SayWhatItShows;
        }
        if ($phase->holdsWindow()) {
            return self::Wait;
        }
        $isIdle = $phase === PairPhase::Idle;
        $isFree = $isIdle && ! $isHubOpen && ! $isExcludedFirst && ! $isHeld;

        return match (true) {
            $isFree && $isCodeFirst => self::GiveCode,
            $isBlocked => self::Wait,
            $isIdle && $isHubOpen => self::SettleHub,
            $isExcludedFirst => self::Exclude,
            $isIdle && $isHeld => self::SayItLeft,
            $isIdle && $isFittedFirst => self::FitFirst,
            default => self::OpenWindow,
        };
    }

    /** It is advice, and no more: the window can be opened all the same. */
    public function isAdvice(): bool
    {
        return in_array($this, [self::SettleHub, self::Exclude, self::SayItLeft, self::GiveCode, self::FitFirst], true);
    }
}

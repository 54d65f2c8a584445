<?php

declare(strict_types=1);

namespace Kavvel\Core\WhoIsWho;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Pairing\NodeFit;

/**
 * Which device is the one that a person triggers: those that said, in every round, what it would say. Where two did, a
 * further round tells them apart.
 *
 * Source: the rules of the job, who is who.
 */
final readonly class Heard
{
    /**
     * @param  list<Voice>  $fitting  that said it in every round, and are of the model that is planned
     * @param  list<Voice>  $misfits  that said it in every round, are nobody’s, and of another model or radio
     */
    private function __construct(public HeardState $state, public array $fitting, public array $misfits) {}

    /**
     * @param  string  $slot  key of the one that is listened for
     * @param  int  $round  that is under way, from 1
     * @param  list<Voice>  $voices
     */
    public static function of(Profile $wanted, string $slot, Trigger $trigger, int $round, array $voices): self
    {
        $isOfModel = static fn (Voice $voice): bool => NodeFit::of($wanted, $voice->node)->isItsModel();
        $steady = array_filter($voices, static fn (Voice $voice): bool => $voice->saidInAll($trigger->capability, $round));
        $fitting = array_values(array_filter($steady, $isOfModel));
        $misfits = array_values(array_filter($steady, static fn (Voice $voice): bool => $voice->slot === null && ! $isOfModel($voice)));
        $isAnotherNow = $round > 1 && array_filter(
            $voices,
            static fn (Voice $voice): bool => $voice->saidIn($trigger->capability, $round) && $isOfModel($voice),
        ) !== [];

        return new self(match (true) {
            count($fitting) > 1 => HeardState::Several,
            $fitting !== [] && $round < $trigger->roundsNeeded() => HeardState::Once,
            $fitting !== [] => self::ofOne($fitting[0], $slot),
            $isAnotherNow => HeardState::Muddled,
            $misfits !== [] => HeardState::Misfit,
            default => HeardState::Silent,
        }, $fitting, $misfits);
    }

    /** The one that it is; null as long as that is not sure. */
    public function found(): ?Voice
    {
        return $this->state === HeardState::Found ? $this->fitting[0] : null;
    }

    private static function ofOne(Voice $voice, string $slot): HeardState
    {
        return match ($voice->slot) {
            null => HeardState::Found,
            $slot => HeardState::Right,
            default => HeardState::Taken,
        };
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Radio\Margin;

/** Why this device and no other, in a sentence, and what is said of it before it is bought. */
final readonly class ProtocolAdvice
{
    /** @param array<string, int> $inUse how many devices the job has, by "protocol …" and "model …" */
    public function __construct(private Reach $reach, private array $inUse) {}

    /** @param list<Candidate> $all of the same room */
    public function reason(Candidate $chosen, array $all): string
    {
        $functions = array_map(static fn (WantedFunction $one): string => mb_strtolower($one->title()), $chosen->functions());
        $many = count($functions) > 1 ? 'One device for '.self::list($functions).'. ' : '';

        return $many.$this->against($chosen, $this->rival($chosen, $all));
    }

    /** @return list<string> */
    public function cautions(Candidate $chosen): array
    {
        $profile = $chosen->profile;
        $margin = $this->reach->bestDb($profile, $chosen->spot);
        $functions = $chosen->functions();

        return array_values(array_filter([
            $profile->isStateless ? 'It tells no state: nobody knows whether it is on. Separate codes for on and off, or a plug that '
                .'measures, would say so.' : null,
            $this->reach->isSpoken($profile) === false
                ? "{$profile->protocol->title()} is new to this job: it needs a hub that speaks it." : null,
            $profile->power === 'bus' ? 'A bus cable has to come to it: before the wall is closed.' : null,
            $this->reach->isAccepted($profile, $chosen->spot) === false && $margin !== null
                ? 'Forecast there: '.Margin::text($margin).'. It needs a relay on the way.' : null,
            $profile->removable && in_array(WantedFunction::SwitchLight, $functions, true)
                ? 'It vanishes whenever the old switch is off.' : null,
            in_array(WantedFunction::Smoke, $functions, true)
                ? 'It never replaces an alarm that the law asks for, unless it is approved as one.' : null,
            in_array(WantedFunction::Lock, $functions, true) ? 'The door must open from inside without power, key or code.' : null,
        ]));
    }

    /**
     * The best that would serve as much at the same place, of another protocol if there is one.
     *
     * @param  list<Candidate>  $all
     */
    private function rival(Candidate $chosen, array $all): ?Candidate
    {
        $rivals = array_values(array_filter($all, static fn (Candidate $one): bool => $one->at() === $chosen->at()
            && $one->profile->key !== $chosen->profile->key && ($one->mask & $chosen->mask) === $chosen->mask));
        usort($rivals, static fn (Candidate $a, Candidate $b): int => [
            $a->profile->protocol === $chosen->profile->protocol, $a->drawbacks->counts, $a->id(),
        ] <=> [$b->profile->protocol === $chosen->profile->protocol, $b->drawbacks->counts, $b->id()]);

        return $rivals[0] ?? null;
    }

    private function against(Candidate $chosen, ?Candidate $rival): string
    {
        $protocol = $chosen->profile->protocol;
        if ($rival === null) {
            return 'Nothing else in the catalogue does '.(count($chosen->demands) > 1 ? 'as much.' : 'it.');
        }
        $other = $rival->profile->protocol;
        $name = $rival->profile->name.($other === $protocol ? '' : " ({$other->title()})");
        $count = $this->inUse["protocol {$protocol->value}"] ?? 0;

        return match ($chosen->drawbacks->lessThan($rival->drawbacks)) {
            Drawbacks::UNSPOKEN => "It speaks {$protocol->title()}, as the job does; {$name} would be the first of its kind.",
            Drawbacks::STATELESS => "It tells its state; {$name} does not.",
            Drawbacks::UNACCEPTED => "{$protocol->title()} has {$this->margin($chosen)} there by the forecast; {$name} would have "
                ."{$this->margin($rival)}.",
            Drawbacks::REMOVABLE => "It stays where it is; {$name} can be pulled or switched off.",
            Drawbacks::NEW_PROTOCOL => ($count === 1 ? 'One device of the job speaks' : "{$count} devices of the job speak")
                ." {$protocol->title()}; {$name} would be the first of its kind.",
            Drawbacks::BATTERY => "It has no battery to change; {$name} has.",
            Drawbacks::SURPLUS => "It does what is asked for; {$name} does more than that.",
            Drawbacks::NEW_MODEL => 'The job has this model already: one kind of spare.',
            default => "{$name} would do as well.",
        };
    }

    private function margin(Candidate $candidate): string
    {
        $margin = $this->reach->bestDb($candidate->profile, $candidate->spot);

        return $margin === null ? 'no forecast' : Margin::text($margin);
    }

    /** @param list<string> $words */
    private static function list(array $words): string
    {
        $last = array_pop($words);

        return $words === [] ? (string) $last : implode(', ', $words)." and {$last}";
    }
}

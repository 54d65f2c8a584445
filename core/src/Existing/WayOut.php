<?php

declare(strict_types=1);

namespace Kavvel\Core\Existing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Catalogue\Step;
use Kavvel\Core\Protocol\Leaving;
use Kavvel\Core\Protocol\Protocol;

/** How a device that is there already gets out of what it is in, and what to see to before (RULES 4.3, 9.1). */
final readonly class WayOut
{
    /**
     * @param  list<string>  $steps  one after the other; none: there is nothing to leave
     * @param  list<string>  $cautions  to see to before
     */
    private function __construct(public array $steps, public array $cautions) {}

    /** @param Profile|null $profile null: the catalogue does not have it */
    public static function of(Protocol $protocol, Holder $holder, ?Profile $profile): self
    {
        $leaving = $protocol->rules()->leaving();
        if ($leaving === Leaving::Nothing || $holder === Holder::Nobody) {
            return new self([], []);
        }

        return new self(self::steps($leaving, $holder, $profile), self::cautions($leaving, $holder, $profile));
    }

    public function isNeeded(): bool
    {
        return $this->steps !== [];
    }

    /** @return list<string> */
    private static function steps(Leaving $leaving, Holder $holder, ?Profile $profile): array
    {
        $isHeld = $holder !== Holder::Unknown;
        $reset = self::gesture($profile) ?? 'Reset it as its sheet says';

        return match ($leaving) {
            Leaving::Excluded => [
                'Take it off every SmartStart list that it may stand on: it joins again by itself else.',
                $holder === Holder::Hub
                    ? 'Open the exclusion window of the hub that it is in.'
                    : 'Open the exclusion window of our hub: any controller of its region can exclude it.',
                (self::gesture($profile) ?? 'Do at it what its sheet says for exclusion, mostly the same as for inclusion').'.',
                'Wait until the hub says that it is out.',
            ],
            Leaving::Removed => $isHeld ? [
                'Wake it, and remove it in what it is in.',
                'Is it out of reach there: '.lcfirst($reset).', and take its entry off.',
            ] : ["{$reset}."],
            Leaving::Fabric => $isHeld
                ? [
                    'Remove it in the app that it is in: that takes the fabric off it.',
                    'Can nobody get into that app: '.lcfirst($reset).'.',
                ]
                : ["{$reset}."],
            Leaving::Account => [
                'Have its owner take it out of the account: it stays locked to it else.',
                "{$reset}.",
            ],
            Leaving::Bond => ['Remove it from the phone or hub that it is bonded with.', "{$reset}."],
            Leaving::Project => ['Take it out of the project of the bus, and note the addresses that become free.'],
            Leaving::Nothing => [],
        };
    }

    /** @return list<string> */
    private static function cautions(Leaving $leaving, Holder $holder, ?Profile $profile): array
    {
        $can = static fn (string ...$any): bool => array_intersect($any, $profile->capabilities ?? []) !== [];

        return array_values(array_filter([
            $can('lock') ? 'Its codes go with it: list who has one before. The door opens by hand from inside all the while.' : null,
            $can('smoke', 'co') ? 'It has to sound alone, and with those it is interlinked with, all the while.' : null,
            $can('thermostat', 'valve') ? 'Heating goes on by hand until it is in again, and frost protection stays.' : null,
            $can('siren') ? 'Tell whoever monitors it before.' : null,
            $can('camera') ? 'What it recorded stays behind in what it is in: ask before.' : null,
            $leaving === Leaving::Excluded && $holder === Holder::Hub
                ? 'Do not reset it instead: its old hub goes on calling for it.' : null,
            $leaving === Leaving::Fabric && $holder !== Holder::Unknown
                ? 'It may as well stay there and be shared: open a share window in that app instead.' : null,
            $profile !== null && $profile->isRouter && $profile->protocol->rules()->routes() !== null
                ? 'It relays: devices that hang on it lose their way in the old network.' : null,
        ]));
    }

    /** "Hold the button for 10 s"; null where nobody knows. */
    private static function gesture(?Profile $profile): ?string
    {
        $steps = array_map(static fn (Step $step): string => $step->sentence(), $profile->recipe->leave ?? []);

        return $steps === [] ? null : implode(', then ', [$steps[0], ...array_map(lcfirst(...), array_slice($steps, 1))]);
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Protocol\Joining;
use Kavvel\Core\Protocol\Protocol;

/** Infrared or radio: a remote that works when it points away is radio (RULES 1.6, 9.7). */
final readonly class RemoteTest
{
    /**
     * @param  bool  $worksAway  pointing away from the machine
     * @param  bool  $toggles  one of its keys is both on and off
     */
    public function __construct(public bool $worksAway, public bool $toggles) {}

    /** Machines that are moved or switched by a remote of their own, and report nothing. */
    public static function isAskedOf(Profile $profile): bool
    {
        return $profile->isStateless && $profile->isActuator() && $profile->protocol->rules()->joining() === Joining::Taught;
    }

    public function protocol(): Protocol
    {
        return $this->worksAway ? Protocol::Rf433 : Protocol::Infrared;
    }

    /** @return list<string> what follows for a machine that is planned like this */
    public function remarks(Protocol $planned): array
    {
        return array_values(array_filter([
            $planned === $this->protocol() ? null
                : "Its remote is {$this->protocol()->title()}, and the plan says {$planned->title()}: choose another profile.",
            $this->toggles ? 'One code switches it on and off: nobody knows its state. A plug that measures, or separate codes, would say.'
                : null,
        ]));
    }
}

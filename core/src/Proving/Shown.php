<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

use Kavvel\Core\Bus\PointHeard;
use Kavvel\Core\Catalogue\Profile;

/** What something that happened shows of a device: a rung, how it came out, and by what. */
final readonly class Shown
{
    private function __construct(public Rung $rung, public Outcome $outcome, public string $because) {}

    public static function byJoining(): self
    {
        return new self(Rung::Radio, Outcome::Passed, 'joined and interviewed');
    }

    /**
     * A report shows that its radio is heard. What only senses has shown its hub rung with it; what can be switched has to
     * be switched from the hub for that.
     *
     * @return list<self>
     */
    public static function byReport(Profile $profile, string $capability, string $value): array
    {
        $radio = new self(Rung::Radio, Outcome::Passed, "heard {$capability} {$value}");

        return $profile->isActuator() ? [$radio] : [$radio, new self(Rung::Hub, Outcome::Passed, "reported {$capability} {$value}")];
    }

    /**
     * What its own device says on a wired bus. What only senses has shown its hub rung with it; a load that our hub switched
     * has, when it told the state that was asked for.
     *
     * @return list<self>
     */
    public static function byBus(Profile $profile, PointHeard $heard): array
    {
        $own = $heard->heardOf($profile->isActuator());
        $because = $own === null ? '' : "heard {$heard->said($own)?->value} at {$own->address->text}";
        $shown = $own === null ? [] : [new self(Rung::Radio, Outcome::Passed, $because)];
        $isHub = $profile->isActuator() ? $heard->isSwitchedByHub() : $own !== null;

        return $isHub ? [...$shown, new self(Rung::Hub, Outcome::Passed, $because)] : $shown;
    }

    public static function byCommand(string $value): self
    {
        return new self(Rung::Hub, Outcome::Passed, "switched {$value}");
    }

    public static function byFailedCommand(string $reason): self
    {
        return new self(Rung::Hub, Outcome::Failed, $reason);
    }
}

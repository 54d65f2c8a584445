<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

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

    public static function byCommand(string $value): self
    {
        return new self(Rung::Hub, Outcome::Passed, "switched {$value}");
    }

    public static function byFailedCommand(string $reason): self
    {
        return new self(Rung::Hub, Outcome::Failed, $reason);
    }
}

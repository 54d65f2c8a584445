<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Wants\WantedFrom;

/** What is tried to show that a device does in an ecosystem what is wanted of it there. */
final readonly class Trial
{
    private function __construct(public string $say, public string $see) {}

    /** @param string $name by which the ecosystem knows the device */
    public static function of(WantedFrom $from, string $ecosystem, Want $want, string $name): self
    {
        $needs = $want->needs;
        $acts = array_values(array_intersect(['lock', 'cover', 'level', 'on-off', 'thermostat', 'valve', 'activity'], $needs));
        $known = array_values(array_diff($needs, $acts));
        $see = match (true) {
            $acts === [] => implode(', ', array_map(FunctionTable::words(...), $known))
                .' shows there as it is, and changes within 2 s when it does',
            $acts[0] === 'activity' => 'the device does it: an activity shows no state',
            $acts[0] === 'cover' && Wrapper::isOne($want->device) => 'it goes all the way open, then all the way closed, and '
                ."{$ecosystem} shows which of both it is",
            $acts[0] === 'cover' => 'it opens, stops on the way when it is told, and goes both ways from there; '
                ."{$ecosystem} shows where it is",
            default => 'the device does it, and '.$ecosystem.' shows the state that it is in then',
        };

        return new self(self::sentence($from, $ecosystem, $acts[0] ?? null, $name), $see);
    }

    private static function sentence(WantedFrom $from, string $ecosystem, ?string $act, string $name): string
    {
        $phrase = match ($act) {
            'lock' => "lock the {$name}",
            'cover' => "open the {$name}",
            'level' => "set the {$name} to 30 percent",
            'on-off' => "turn on the {$name}",
            'thermostat' => "set the {$name} to 20 degrees",
            'valve' => "close the {$name}",
            'activity' => "start the {$name}",
            default => null,
        };

        return match (true) {
            $from === WantedFrom::Voice => 'Say: “'.($phrase ?? "how is the {$name}").'”',
            $phrase === null => "Trigger the {$name}, and look at {$ecosystem}",
            default => ucfirst($phrase)." from {$ecosystem}",
        };
    }
}

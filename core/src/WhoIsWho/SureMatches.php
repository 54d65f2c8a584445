<?php

declare(strict_types=1);

namespace Kavvel\Core\WhoIsWho;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Pairing\NodeFit;
use Kavvel\Core\Pairing\ReportedNode;

/** Which devices can only be one: of their model one alone is nobody’s, and one slot alone waits for it. */
final readonly class SureMatches
{
    /**
     * A device that joined in part is no sure one: somebody has to accept what it lacks.
     *
     * @param  array<string, Profile>  $open  slots without a device, by key
     * @param  array<array-key, ReportedNode>  $nobodys  by id
     * @return array<array-key, string> key of the slot, by id of the device
     */
    public static function of(array $open, array $nobodys): array
    {
        $sure = [];
        foreach ($nobodys as $id => $node) {
            $slots = self::slots($open, $node);
            if (count($slots) !== 1) {
                continue;
            }
            $rivals = array_filter(
                $nobodys,
                static fn (ReportedNode $other): bool => NodeFit::of($open[$slots[0]], $other)->isItsModel(),
            );
            if (count($rivals) === 1 && NodeFit::of($open[$slots[0]], $node)->isExact()) {
                $sure[$id] = $slots[0];
            }
        }

        return $sure;
    }

    /**
     * The slots that a device may belong to: those of its model, else none.
     *
     * @param  array<string, Profile>  $open  by key
     * @return list<string>
     */
    public static function slots(array $open, ReportedNode $node): array
    {
        return array_map(strval(...), array_keys(array_filter(
            $open,
            static fn (Profile $profile): bool => NodeFit::of($profile, $node)->isItsModel(),
        )));
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Catalogue\Profile;

/** Other devices of the catalogue that would go into a box as it was found, and bear what is to be switched. */
final readonly class Alternatives
{
    /**
     * @param  list<Profile>  $catalogue
     * @param  list<SwitchedLoad>  $loads
     * @return list<Alternative> what fits as it is first, then the same radio, then what can most of the same
     */
    public static function of(Profile $planned, array $catalogue, FoundBox $box, array $loads): array
    {
        $ranked = [];
        foreach ($catalogue as $profile) {
            if ($profile->fitSheet === null || $profile->key === $planned->key || $profile->load !== $planned->load) {
                continue;
            }
            $fit = BoxFit::of(FitCase::of($profile->fitSheet, $box, $loads));
            if ($fit->verdict() === FitVerdict::DoesNotFit) {
                continue;
            }
            $shared = count(array_intersect($profile->capabilities, $planned->capabilities));
            $ranked[] = [
                [$fit->verdict() !== FitVerdict::Fits, $profile->protocol !== $planned->protocol, -$shared, $profile->key],
                new Alternative($profile, $fit),
            ];
        }
        usort($ranked, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($ranked, 1);
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Codes\Code;
use Kavvel\Core\Codes\CodeFamily;

/** Which device a code belongs to: by what it is, and by the product that it names. */
final readonly class CodeMatch
{
    /** What speaks against a code as that of a device of this profile, or null. */
    public static function objection(Profile $profile, Code $code): ?string
    {
        $family = CodeFamily::of($code->kind());
        $sheet = $profile->codeSheet;

        return match (true) {
            $family === null => "That is {$code->kind()->title()}, and no code that a device is let in with.",
            $sheet === null => "The {$profile->name} has no code to join with; this is a {$code->kind()->title()}.",
            $sheet->family !== $family => "The {$profile->name} carries a {$sheet->family->words()}; this is a {$code->kind()->title()}.",
            $sheet->ids !== null && $code->product() !== null && ! $sheet->ids->equals($code->product()) => 'It is the code of another '
                ."model ({$code->product()->words()}); the {$profile->name} is {$sheet->ids->words()}.",
            default => null,
        };
    }

    /**
     * The slots that a code may belong to: those of the product that it names, else all of its kind. Those that don't join
     * without come first.
     *
     * @param  array<string, Profile>  $slots  open ones without a code, by key, in the order of work
     * @return list<string>
     */
    public static function slots(Code $code, array $slots): array
    {
        $possible = array_filter($slots, static fn (Profile $profile): bool => self::objection($profile, $code) === null);
        $product = $code->product();
        $named = $product === null ? [] : array_filter(
            $possible,
            static fn (Profile $profile): bool => $profile->codeSheet?->ids?->equals($product) === true,
        );

        $found = $named === [] ? $possible : $named;
        uasort($found, static fn (Profile $a, Profile $b): int => $b->codeSheet?->isNeeded <=> $a->codeSheet?->isNeeded);

        return array_map(strval(...), array_keys($found));
    }

    /**
     * The one slot that a code finds by itself: it names the product, and one slot alone waits for it.
     *
     * @param  array<string, Profile>  $slots
     */
    public static function sole(Code $code, array $slots): ?string
    {
        $found = self::slots($code, $slots);

        return count($found) === 1 && $code->product() !== null && $slots[$found[0]]->codeSheet?->ids !== null ? $found[0] : null;
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** Why a device is in with a part of what it can do. */
final readonly class PartCauses
{
    /** @return list<Cause|null> */
    public static function of(Evidence $evidence): array
    {
        $causes = new Causes($evidence);
        $asleep = self::cutShort($evidence);
        $wokenBefore = in_array('cut-short', $evidence->advisedBefore, true);
        $isForGood = $evidence->isWhole || ($evidence->sameMissing && $wokenBefore);

        return [
            $isForGood ? self::unsupported() : null,
            $causes->far(),
            $wokenBefore ? $causes->brokenLink() : $asleep,
            $wokenBefore ? $asleep : $causes->brokenLink(),
            $wokenBefore && $evidence->isOnBattery() ? $causes->flatBattery() : null,
            $isForGood ? null : self::unsupported(),
        ];
    }

    private static function cutShort(Evidence $evidence): Cause
    {
        $missing = $evidence->missing === [] ? '' : ' Missing: '.implode(', ', $evidence->missing).'.';

        return $evidence->isOnBattery()
            ? new Cause(
                'cut-short',
                "It fell asleep during the interview.{$missing}",
                'Wake it again with one short press every second until the interview ends.',
            )
            : new Cause(
                'cut-short',
                "It lost power or was switched during the interview.{$missing}",
                'Leave it switched on, and let it join again.',
            );
    }

    private static function unsupported(): Cause
    {
        return new Cause(
            'unsupported',
            'This hub does not know the model: it joins, and its functions are missing.',
            'Look for other firmware or another driver of the hub; without it these functions stay missing.',
        );
    }
}

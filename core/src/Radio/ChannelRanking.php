<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Protocol\Protocol;

/**
 * Which 2.4 GHz channel is the quietest: the Wi-Fi networks heard there, summed in milliwatts, over the noise. Our own
 * networks keep two channels apart; the last channel comes last, where many devices transmit weakly.
 */
final readonly class ChannelRanking
{
    public const FIRST = 11;

    public const LAST = 26;

    private const NOISE_DBM = -100.0;

    /** Nearer than this our own networks disturb each other */
    private const APART = 2;

    /** @param list<HeardWifi> $heard */
    public function __construct(private array $heard) {}

    /**
     * @param  list<int>  $candidates
     * @param  list<int>  $ours  channels of our own networks
     * @return list<RankedChannel> best first, those too near to one of ours last
     */
    public function of(array $candidates, array $ours): array
    {
        $ranked = array_map(
            fn (int $channel): RankedChannel => new RankedChannel(
                $channel,
                $this->interferenceDbm($channel),
                self::tooNear($channel, $ours),
            ),
            $candidates,
        );
        usort($ranked, static fn (RankedChannel $a, RankedChannel $b): int => self::place($a) <=> self::place($b));

        return $ranked;
    }

    public function interferenceDbm(int $channel): float
    {
        $milliwatts = 10 ** (self::NOISE_DBM / 10);
        $frequency = (float) Protocol::Zigbee->rules()->channelMHz($channel);
        foreach ($this->heard as $network) {
            $milliwatts += 10 ** ($network->interferenceDbm($frequency) / 10);
        }

        return 10 * log10($milliwatts);
    }

    /** @param list<int> $ours */
    private static function tooNear(int $channel, array $ours): ?int
    {
        $near = array_filter($ours, static fn (int $one): bool => abs($one - $channel) < self::APART);
        usort($near, static fn (int $a, int $b): int => [abs($a - $channel), $a] <=> [abs($b - $channel), $b]);

        return $near[0] ?? null;
    }

    /** @return array{bool, bool, float, int} */
    private static function place(RankedChannel $one): array
    {
        $isExcluded = $one->tooNear !== null;

        return [$isExcluded, ! $isExcluded && $one->channel === self::LAST, $one->interferenceDbm, $one->channel];
    }
}

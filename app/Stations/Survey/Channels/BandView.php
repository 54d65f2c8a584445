<?php

declare(strict_types=1);

namespace App\Stations\Survey\Channels;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\HeardNetwork;
use App\Models\Network;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\ChannelAdvice;
use Kavvel\Core\Radio\ChannelRanking;
use Kavvel\Core\Radio\HeardWifi;
use Kavvel\Core\Radio\RankedChannel;

/** The channels of one network, the quietest first, and what changing it would mean. */
final readonly class BandView
{
    /**
     * @param  list<RankedChannel>  $ranking
     * @param  int  $in  devices that are in and would have to follow
     * @param  int  $sleepy  those of them on batteries
     * @param  list<SlotCard>  $contended  devices whose link a busy network would drown on the channel that is chosen
     */
    private function __construct(
        public array $ranking,
        public ?RankedChannel $now,
        public RankedChannel $best,
        public ChannelAdvice $advice,
        public int $in,
        public int $sleepy,
        public array $contended,
    ) {}

    public static function isIn(Protocol $protocol): bool
    {
        return $protocol->rules()->channelMHz(ChannelRanking::FIRST) !== null && $protocol->rules()->isDrownedAt2400MHz();
    }

    /**
     * @param  list<Network>  $networks  ours in this band
     * @param  list<HeardNetwork>  $heard
     */
    public static function of(JobSheet $sheet, Network $network, array $networks, array $heard): self
    {
        $ours = [];
        foreach ($networks as $other) {
            if ($other->id !== $network->id && $other->channel !== null) {
                $ours[] = $other->channel;
            }
        }
        $ranking = (new ChannelRanking(self::networks($heard)))->of(range(ChannelRanking::FIRST, ChannelRanking::LAST), $ours);
        $now = array_values(array_filter($ranking, static fn (RankedChannel $one): bool => $one->channel === $network->channel))[0] ?? null;
        $in = array_filter($sheet->ofProtocol($network->protocol), static fn (SlotCard $card): bool => $card->isIn()
            && $card->hub?->gateway->id === $network->gateway_id);

        return new self(
            $ranking,
            $now,
            $ranking[0],
            ChannelAdvice::of($now, $ranking[0], count($in)),
            count($in),
            count(array_filter($in, static fn (SlotCard $card): bool => $card->profile->battery !== null)),
            $now === null ? [] : self::contended($sheet, $network, $now->channel, $heard),
        );
    }

    /**
     * Devices whose forecast link a busy network of their room would drown.
     *
     * @param  list<HeardNetwork>  $heard
     * @return list<SlotCard>
     */
    public static function contended(JobSheet $sheet, Network $network, int $channel, array $heard): array
    {
        $frequency = (float) $network->protocol->rules()->channelMHz($channel);
        $contended = [];
        foreach ($sheet->ofProtocol($network->protocol) as $card) {
            $inRoom = array_filter(
                $heard,
                static fn (HeardNetwork $one): bool => $one->room_id === null || $one->room_id === $card->roomId,
            );
            $margin = $card->forecast?->bestDb;
            $rssi = $margin === null ? null : $card->profile->radio?->rssiAt($margin);
            foreach ($inRoom as $one) {
                if ($rssi !== null && $one->core()->drowns($rssi, $frequency)) {
                    $contended[] = $card;
                    break;
                }
            }
        }

        return $contended;
    }

    /**
     * Each network once.
     *
     * @param  list<HeardNetwork>  $heard
     * @return list<HeardWifi>
     */
    private static function networks(array $heard): array
    {
        $networks = [];
        foreach ($heard as $one) {
            $networks["{$one->name} {$one->channel}"][] = $one->core();
        }

        return array_map(HeardWifi::loudest(...), array_values($networks));
    }
}

<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Radio\ChannelRanking;
use Kavvel\Core\Radio\HeardWifi;
use Kavvel\Core\Radio\RankedChannel;

final readonly class ChannelsVerb implements Verb
{
    private const LAST_WIFI = 14;

    public function answer(Input $input): array
    {
        $ranking = new ChannelRanking(array_map($this->network(...), $input->find('wifi')?->items() ?? []));
        $candidates = $this->candidates($input->get('candidates'));
        $ours = array_map($this->channel(...), $input->find('keepApartFrom')?->items() ?? []);

        return ['ranking' => array_map(static fn (RankedChannel $one): array => [
            'channel' => $one->channel,
            'interferenceDbm' => Decibels::rounded($one->interferenceDbm),
            'excluded' => $one->tooNear === null ? null : "too near channel {$one->tooNear}",
        ], $ranking->of($candidates, $ours))];
    }

    private function network(Input $network): HeardWifi
    {
        $busy = $network->get('busy');
        if ($busy->positive() > 1) {
            throw InvalidInput::outOfRange($busy->at, '1 or less');
        }

        return HeardWifi::on(
            $network->get('channel')->whole(1, self::LAST_WIFI),
            WifiWidth::read($network->get('widthMHz')),
            $network->find('secondary')?->word(['above', 'below']),
            $network->get('rssiDbm')->number(),
            $busy->number(),
        );
    }

    /** @return list<int> */
    private function candidates(Input $channels): array
    {
        $read = [];
        foreach ($channels->items() as $channel) {
            $number = $this->channel($channel);
            if (in_array($number, $read, true)) {
                throw InvalidInput::duplicateId((string) $number, $channel->at);
            }
            $read[] = $number;
        }

        return $read;
    }

    private function channel(Input $channel): int
    {
        return $channel->whole(ChannelRanking::FIRST, ChannelRanking::LAST);
    }
}

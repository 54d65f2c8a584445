<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Radio\Contention;
use Kavvel\Core\Radio\CrossingLoss;
use Kavvel\Core\Radio\WifiNetwork;

final readonly class LinkVerb implements Verb
{
    public function answer(Input $input): array
    {
        $link = new LinkInput($input);
        $forecast = $link->budget()->forecast(
            LinkInput::place($input->get('from')),
            LinkInput::place($input->get('to')),
            $link->sender,
            $link->receiver,
            $link->mountingDb,
        );

        return [
            'distanceM' => Decibels::rounded($forecast->distanceM),
            'freeSpaceDb' => Decibels::rounded($forecast->freeSpaceDb),
            'wallsDb' => Decibels::rounded($forecast->wallsDb()),
            'floorsDb' => Decibels::rounded($forecast->floorsDb()),
            'clutterDb' => Decibels::rounded($forecast->clutterDb),
            'rssiDbm' => Decibels::rounded($forecast->rssiDbm),
            'marginDb' => Decibels::rounded($forecast->marginDb),
            'word' => $forecast->word()->value,
            'contended' => Contention::isContended(
                $forecast->rssiDbm,
                $link->sender->frequencyMHz,
                array_map($this->wifi(...), $input->find('wifi')?->items() ?? []),
            ),
            'crossed' => array_map(static fn (CrossingLoss $loss): array => [
                'kind' => $loss->crossing->kind,
                'index' => $loss->crossing->index,
                'lossDb' => Decibels::rounded($loss->lossDb),
                'extrapolated' => $loss->extrapolated,
            ], $forecast->crossed),
        ];
    }

    private function wifi(Input $network): WifiNetwork
    {
        return new WifiNetwork(
            $network->get('centreMHz')->positive(),
            WifiWidth::read($network->get('widthMHz')),
            $network->get('rssiDbm')->number(),
            $network->get('busy')->numberFrom(0),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobSheet\JobSheet;
use App\Models\SiteJob;
use Kavvel\Core\Naming\Text;

/** Finds rooms, slots and nodes by any part of their words. */
final readonly class Find
{
    private const SHOWN = 12;

    /** @return list<array{kind: string, title: string, detail: string, url: string}> */
    public function hits(SiteJob $job, string $query): array
    {
        $sheet = JobSheet::of($job);
        $words = explode(' ', Text::fold($query));
        $hits = [];
        foreach ($sheet->geometry->rooms as $room) {
            if ($this->matches($words, $room['name'].' '.$room['code'])) {
                $hits[] = [
                    'kind' => 'room',
                    'title' => $room['name'],
                    'detail' => $sheet->geometry->storey($room['storey'])['name'] ?? '',
                    'url' => route('jobs.survey', ['job' => $job, 'storey' => $room['storey']]),
                ];
            }
        }
        foreach ($sheet->cards as $card) {
            $address = $card->node->address ?? '';
            if ($this->matches(
                $words,
                "{$card->room} {$card->slot->title()} {$card->slot->name} {$card->profile->name} {$card->profile->model} "
                    ."{$card->tag()} {$address}",
            )) {
                $isNode = $address !== '' && str_contains(Text::fold($address), $words[0]);
                $hits[] = [
                    'kind' => $isNode ? 'node' : 'slot',
                    'title' => $card->fullTitle(),
                    'detail' => trim($card->tag().' '.$address),
                    'url' => route('jobs.survey', ['job' => $job, 'slot' => $card->key()]),
                ];
            }
        }

        return array_slice($hits, 0, self::SHOWN);
    }

    /** @param list<string> $words */
    private function matches(array $words, string $text): bool
    {
        $folded = Text::fold($text);
        foreach ($words as $word) {
            if (! str_contains($folded, $word)) {
                return false;
            }
        }

        return true;
    }
}

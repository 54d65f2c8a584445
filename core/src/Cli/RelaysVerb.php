<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Coverage\FewestRelays;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\UnsoundGraph;

final readonly class RelaysVerb implements Verb
{
    /** Links that are looked at over all sets of relays: what is tried in a few seconds */
    private const MOST_LOOKS = 150_000_000;

    public function answer(Input $input): array
    {
        $mesh = new MeshInput($input);
        $mesh->graph();
        $candidates = $this->candidates($input->get('candidates'), $mesh->nodes);
        $links = $this->links($input->get('candidateLinks'), $candidates, $mesh->nodes);
        $this->refuseEndless($candidates, count($mesh->links) + count($links));
        $relays = array_map(static fn (string $id): Node => new Node($id, Role::Router), $candidates);
        $plan = FewestRelays::of($mesh->graph($relays, $links), $candidates, $mesh->acceptanceDb);

        return [
            'add' => $plan->add,
            'exact' => $plan->isExact,
            'acceptedBefore' => $plan->acceptedBefore,
            'acceptedAfter' => $plan->acceptedAfter,
            'open' => $plan->open,
        ];
    }

    /**
     * @param  list<Node>  $nodes
     * @return list<string>
     */
    private function candidates(Input $candidates, array $nodes): array
    {
        $ids = [];
        $taken = self::keyed(array_map(static fn (Node $node): string => $node->id, $nodes));
        foreach ($candidates->items() as $candidate) {
            $id = $candidate->id();
            if (isset($taken["id {$id}"])) {
                throw InvalidInput::duplicateId($id, $candidate->at);
            }
            $taken["id {$id}"] = true;
            $ids[] = $id;
        }

        return $ids;
    }

    /**
     * @param  list<string>  $candidates
     * @param  list<Node>  $nodes
     * @return list<Link>
     */
    private function links(Input $links, array $candidates, array $nodes): array
    {
        $isCandidate = self::keyed($candidates);
        $isKnown = $isCandidate + self::keyed(array_map(static fn (Node $node): string => $node->id, $nodes));
        $read = [];
        foreach ($links->items() as $item) {
            $link = MeshInput::link($item);
            foreach (['a' => $link->a, 'b' => $link->b] as $end => $id) {
                isset($isKnown["id {$id}"]) || throw InvalidInput::unknownId($id, "{$item->at}.{$end}");
            }
            if ($link->a === $link->b) {
                throw UnsoundGraph::selfLink($link->a, $item->at);
            }
            if (! isset($isCandidate["id {$link->a}"]) && ! isset($isCandidate["id {$link->b}"])) {
                throw InvalidInput::outOfRange($item->at, 'a link of a candidate');
            }
            $pair = strcmp($link->a, $link->b) < 0 ? [$link->a, $link->b] : [$link->b, $link->a];
            $key = serialize($pair);
            if (isset($read[$key])) {
                throw UnsoundGraph::duplicateLink($link->a, $link->b, $item->at);
            }
            $read[$key] = $link;
        }

        return array_values($read);
    }

    /** @param list<string> $candidates */
    private function refuseEndless(array $candidates, int $links): void
    {
        $count = count($candidates);
        $sets = $count > FewestRelays::MOST_CANDIDATES ? $count ** 2 : $count ** 3 / 6;
        if ($sets * $links > self::MOST_LOOKS) {
            throw InvalidInput::tooLarge('$.candidates', 'less: all sets of relays look at more than '.self::MOST_LOOKS.' links');
        }
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, true>
     */
    private static function keyed(array $ids): array
    {
        return array_fill_keys(array_map(static fn (string $id): string => "id {$id}", $ids), true);
    }
}

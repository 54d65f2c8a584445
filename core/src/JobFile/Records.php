<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Mesh\UnsoundGraph;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Failure;
use Kavvel\Core\Pairing\Light;
use Kavvel\Core\Pairing\NetworkFacts;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Rung;

/** What was done on a job, as its file tells it: nodes, attempts, proofs, surveys, questions, snags, log. */
final readonly class Records
{
    /**
     * Addresses, each once: as a database would compare them, without regard to case.
     *
     * @param  array<string, mixed>  $gateways
     * @return array<string, string>
     */
    public static function addresses(Input $input, array $gateways): array
    {
        $addresses = [];
        $folded = [];
        foreach ($input->get('nodes')->items() as $node) {
            $address = $node->get('address');
            $fold = ' '.mb_strtolower(trim($address->id()));
            if (isset($folded[$fold])) {
                throw InvalidInput::duplicateId($address->id(), $address->at);
            }
            $folded[$fold] = true;
            $addresses[' '.$address->id()] = $address->id();
            if ($node->find('gateway') !== null) {
                Check::known($node->get('gateway'), $gateways);
            }
            $node->get('protocol')->word(Protocol::words());
            $node->get('role')->word(['router', 'end']);
            $node->get('state')->word(['announced', 'joined', 'in-part', 'left']);
            $node->get('capabilities')->items();
            $node->find('reachable')?->flag();
            foreach (['joinedAt', 'heardAt'] as $time) {
                Check::time($node->find($time));
            }
        }

        return $addresses;
    }

    /**
     * @param  array<string, mixed>  $slots
     * @param  array<string, mixed>  $nodes  addresses
     * @param  array<string, mixed>  $gateways
     */
    public static function check(Input $input, array $slots, array $nodes, array $gateways): void
    {
        foreach ($input->get('slots')->items() as $slot) {
            if ($slot->find('hub') !== null) {
                Check::known($slot->get('hub'), $gateways);
            }
        }
        foreach ($input->get('attempts')->items() as $attempt) {
            Check::known($attempt->get('slot'), $slots);
            $attempt->get('state')->word(array_column(AttemptState::cases(), 'value'));
            $attempt->find('light')?->word(array_column(Light::cases(), 'value'));
            Check::time($attempt->get('startedAt'));
            Check::time($attempt->find('endedAt'));
            Check::time($attempt->find('lightAt'));
            $attempt->find('reached')?->word(array_column(AttemptState::cases(), 'value'));
            $attempt->find('failure')?->word(Failure::values());
            NetworkFacts::fromInput($attempt->find('network'));
            if ($attempt->find('node') !== null) {
                Check::known($attempt->get('node'), $nodes);
            }
        }
        foreach ($input->get('proofs')->items() as $proof) {
            Check::known($proof->get('slot'), $slots);
            $proof->get('rung')->word(array_column(Rung::cases(), 'value'));
            Rung::from($proof->get('rung')->text()) === Rung::Ecosystem ? $proof->get('ecosystem')->id() : null;
            $proof->get('outcome')->word(array_column(Outcome::cases(), 'value'));
            Check::time($proof->get('at'));
            if ($proof->find('node') !== null) {
                Check::known($proof->get('node'), $nodes);
            }
            Check::time($proof->find('withdrawn')?->get('at'));
        }
        foreach ($input->get('meshReadings')->items() as $reading) {
            Check::known($reading->get('gateway'), $gateways);
            $reading->get('protocol')->word(array_column(Protocol::readable(), 'value'));
            Check::time($reading->get('askedAt'));
            self::links($reading->get('links'));
        }
        if ($input->find('meshProposals') !== null) {
            Check::keys($input, 'meshProposals');
        }
        $kept = [];
        foreach ($input->find('meshProposals')?->items() ?? [] as $proposal) {
            $protocol = $proposal->get('protocol')->word(array_column(Protocol::meshes(), 'value'));
            $changes = "{$protocol} {$proposal->get('changes')->id()}";
            if (isset($kept[$changes])) {
                throw InvalidInput::duplicateId($proposal->get('changes')->id(), $proposal->get('changes')->at);
            }
            $kept[$changes] = true;
        }
        $closings = Check::keys($input, 'closings');
        Check::keys($input, 'questions');
        foreach ($input->get('questions')->items() as $question) {
            $question->get('text')->id();
            Check::date($question->get('dueOn'));
            if ($question->find('closing') !== null) {
                Check::known($question->get('closing'), $closings);
            }
        }
        Check::keys($input, 'snags');
        foreach ($input->get('snags')->items() as $snag) {
            $snag->get('text')->id();
            $snag->get('state')->word(['open', 'cleared', 'accepted']);
            Check::time($snag->get('raisedAt'));
            if ($snag->find('slot') !== null) {
                Check::known($snag->get('slot'), $slots);
            }
        }
        foreach ($input->get('log')->items() as $entry) {
            $entry->get('text')->text();
            $entry->get('by')->text();
            if ($entry->find('slot') !== null) {
                Check::known($entry->get('slot'), $slots);
            }
            Check::time($entry->get('at'));
        }
    }

    /** A reading has each pair once: a network could not be judged else. */
    private static function links(Input $links): void
    {
        $seen = [];
        foreach ($links->items() as $link) {
            [$a, $b] = [$link->get('a')->id(), $link->get('b')->id()];
            $pair = strcmp($a, $b) < 0 ? "{$a} {$b}" : "{$b} {$a}";
            if ($a === $b || isset($seen[$pair])) {
                throw $a === $b ? UnsoundGraph::selfLink($a, $link->at) : UnsoundGraph::duplicateLink($a, $b, $link->at);
            }
            $seen[$pair] = true;
            $link->get('marginDb')->number();
        }
    }
}

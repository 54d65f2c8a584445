<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

use DateTimeImmutable;
use DateTimeZone;
use DOMDocument;
use DOMElement;
use Exception;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Protocol\Protocol;

/** Reads GraphML that says who hears whom: ours, or another program's with the same names of its attributes. */
final class GraphMlReader
{
    private const MOST_BYTES = 5_000_000;

    private const MOST_NODES = 2_000;

    private const MOST_EDGES = 20_000;

    private const LONGEST_ADDRESS = 40;

    private const LONGEST_TEXT = 120;

    private const MOST_DB = 300.0;

    /** @var array<string, string> what an attribute is called, by the id of its key */
    private array $names = [];

    private function __construct(private readonly DOMElement $root) {}

    /** @throws InvalidInput that says where */
    public static function read(string $xml): MeshFile
    {
        if (strlen($xml) > self::MOST_BYTES) {
            throw InvalidInput::tooLarge('the file', 'of 5 MB at most');
        }
        $document = new DOMDocument;
        $before = libxml_use_internal_errors(true);
        $isXml = $xml !== '' && $document->loadXML($xml, LIBXML_NONET);
        $broken = libxml_get_errors()[0] ?? null;
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        if (! $isXml || $document->documentElement?->localName !== 'graphml') {
            throw InvalidInput::outOfRange($broken === null ? 'the file' : "line {$broken->line}", 'GraphML');
        }

        // One can pull other files in: no reading needs it.
        if ($document->doctype !== null) {
            throw InvalidInput::outOfRange('the file', 'GraphML without a document type');
        }

        return (new self($document->documentElement))->file();
    }

    private function file(): MeshFile
    {
        foreach ($this->children($this->root, 'key') as $key) {
            $this->names[$key->getAttribute('id')] = $key->getAttribute('attr.name') ?: $key->getAttribute('id');
        }
        $graph = $this->children($this->root, 'graph')[0] ?? throw InvalidInput::missing('graph');
        $about = $this->data($graph);
        $protocol = Protocol::tryFrom($about['protocol'] ?? $graph->getAttribute('id'));
        if ($protocol === null || ! in_array($protocol, Protocol::readable(), true)) {
            throw InvalidInput::unknownWord('graph, protocol', $about['protocol'] ?? '', array_column(Protocol::readable(), 'value'));
        }
        $nodes = $this->nodes($graph);
        [$links, $oneWay] = $this->links($graph, $nodes);

        return new MeshFile($protocol, array_values($nodes), $links, $oneWay, $this->moment($about['readAt'] ?? null));
    }

    /** @return array<string, MeshFileNode> by address, with a sign before it so that a number stays text */
    private function nodes(DOMElement $graph): array
    {
        $nodes = [];
        foreach ($this->children($graph, 'node') as $number => $node) {
            $at = 'node '.($number + 1);
            $address = $this->text($node->getAttribute('id'), $at, self::LONGEST_ADDRESS);
            if (isset($nodes["={$address}"])) {
                throw InvalidInput::duplicateId($address, $at);
            }
            $data = $this->data($node);
            $role = $address === MeshFileNode::HUB ? Role::Root : Role::tryFrom($data['role'] ?? Role::End->value);
            if ($role === null || ($role === Role::Root) !== ($address === MeshFileNode::HUB)) {
                throw InvalidInput::outOfRange("{$at}, role", 'router or end; the hub alone is root, and has the id “gateway”');
            }
            $nodes["={$address}"] = new MeshFileNode(
                $address,
                $role,
                mb_substr($data['title'] ?? '', 0, self::LONGEST_TEXT),
                mb_substr($data['room'] ?? '', 0, self::LONGEST_TEXT),
            );
            if (count($nodes) > self::MOST_NODES) {
                throw InvalidInput::tooLarge('graph', 'of '.self::MOST_NODES.' nodes at most');
            }
        }

        return isset($nodes['='.MeshFileNode::HUB]) ? $nodes : throw InvalidInput::missing('node with the id “gateway”, the hub');
    }

    /**
     * @param  array<string, MeshFileNode>  $nodes
     * @return array{list<Link>, list<int>}
     */
    private function links(DOMElement $graph, array $nodes): array
    {
        $links = [];
        $oneWay = [];
        $seen = [];
        foreach ($this->children($graph, 'edge') as $number => $edge) {
            $at = 'edge '.($number + 1);
            [$a, $b] = [$edge->getAttribute('source'), $edge->getAttribute('target')];
            foreach ([$a, $b] as $end) {
                isset($nodes["={$end}"]) || throw InvalidInput::unknownId($end, $at);
            }
            $pair = strcmp($a, $b) < 0 ? "{$a} {$b}" : "{$b} {$a}";
            if ($a === $b || isset($seen[$pair])) {
                throw $a === $b ? UnsoundGraph::selfLink($a, $at) : UnsoundGraph::duplicateLink($a, $b, $at);
            }
            $seen[$pair] = true;
            $data = $this->data($edge);
            $back = isset($data['marginBackDb']) ? $this->margin($data['marginBackDb'], "{$at}, marginBackDb") : null;
            if ($back === null) {
                $oneWay[] = count($links);
            }
            $links[] = new Link($a, $b, $this->margin($data['marginDb'] ?? '', "{$at}, marginDb"), $back);
            if (count($links) > self::MOST_EDGES) {
                throw InvalidInput::tooLarge('graph', 'of '.self::MOST_EDGES.' edges at most');
            }
        }

        return [$links, $oneWay];
    }

    /** @return list<DOMElement> */
    private function children(DOMElement $of, string $name): array
    {
        $children = [];
        foreach ($of->childNodes as $child) {
            if ($child instanceof DOMElement && $child->localName === $name) {
                $children[] = $child;
            }
        }

        return $children;
    }

    /** @return array<string, string> by what its key is called */
    private function data(DOMElement $of): array
    {
        $data = [];
        foreach ($this->children($of, 'data') as $one) {
            $data[$this->names[$one->getAttribute('key')] ?? $one->getAttribute('key')] = trim($one->textContent);
        }

        return $data;
    }

    private function text(string $text, string $at, int $most): string
    {
        return $text !== '' && mb_strlen($text) <= $most && preg_match('/[\p{C}]/u', $text) === 0
            ? $text
            : throw InvalidInput::outOfRange("{$at}, id", "an address of 1 to {$most} characters");
    }

    private function margin(string $text, string $at): float
    {
        return is_numeric($text) && abs((float) $text) <= self::MOST_DB
            ? (float) $text
            : throw InvalidInput::outOfRange($at, 'a margin between -300 and 300 dB');
    }

    private function moment(?string $text): ?DateTimeImmutable
    {
        if ($text === null) {
            return null;
        }
        try {
            $moment = preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?Z$/', $text) === 1 ? new DateTimeImmutable($text) : null;
        } catch (Exception) {
            $moment = null;
        }

        return $moment?->setTimezone(new DateTimeZone('UTC'))
            ?? throw InvalidInput::outOfRange('graph, readAt', 'a time such as 2026-11-20T09:30:00Z');
    }
}

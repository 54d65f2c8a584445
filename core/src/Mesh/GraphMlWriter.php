<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

use XMLWriter;

/** A reading as GraphML, so that any program that knows graphs can look at it. */
final readonly class GraphMlWriter
{
    public const NAMESPACE = 'http://graphml.graphdrawing.org/xmlns';

    private const KEYS = [
        ['protocol', 'graph', 'string'], ['readAt', 'graph', 'string'], ['title', 'node', 'string'], ['room', 'node', 'string'],
        ['role', 'node', 'string'], ['marginDb', 'edge', 'double'], ['marginBackDb', 'edge', 'double'],
    ];

    public static function write(MeshFile $file): string
    {
        $xml = new XMLWriter;
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement('graphml');
        $xml->writeAttribute('xmlns', self::NAMESPACE);
        foreach (self::KEYS as [$name, $for, $type]) {
            $xml->startElement('key');
            foreach (['id' => $name, 'for' => $for, 'attr.name' => $name, 'attr.type' => $type] as $attribute => $value) {
                $xml->writeAttribute($attribute, $value);
            }
            $xml->endElement();
        }
        $xml->startElement('graph');
        $xml->writeAttribute('id', $file->protocol->value);
        $xml->writeAttribute('edgedefault', 'undirected');
        self::data($xml, ['protocol' => $file->protocol->value, 'readAt' => $file->readAt?->format('Y-m-d\TH:i:s\Z')]);
        foreach ($file->nodes as $node) {
            $xml->startElement('node');
            $xml->writeAttribute('id', $node->address);
            self::data($xml, ['title' => $node->title, 'room' => $node->room, 'role' => $node->role->value]);
            $xml->endElement();
        }
        foreach ($file->links as $at => $link) {
            $xml->startElement('edge');
            $xml->writeAttribute('source', $link->a);
            $xml->writeAttribute('target', $link->b);
            self::data($xml, [
                'marginDb' => self::number($link->marginDb),
                'marginBackDb' => in_array($at, $file->oneWay, true) ? null : self::number($link->marginBackDb),
            ]);
            $xml->endElement();
        }
        $xml->endDocument();

        return $xml->outputMemory();
    }

    /** @param array<string, string|null> $values */
    private static function data(XMLWriter $xml, array $values): void
    {
        foreach ($values as $key => $value) {
            if ($value !== null && $value !== '') {
                $xml->startElement('data');
                $xml->writeAttribute('key', $key);
                $xml->text($value);
                $xml->endElement();
            }
        }
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(sprintf('%.2f', $value), '0'), '.');
    }
}

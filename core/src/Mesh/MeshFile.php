<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

use DateTimeImmutable;
use Kavvel\Core\Protocol\Protocol;

/** A reading of one radio as it travels in a file: who was there, and who hears whom. */
final readonly class MeshFile
{
    /**
     * @param  list<MeshFileNode>  $nodes
     * @param  list<Link>  $links
     * @param  list<int>  $oneWay  places of links whose way back is not known
     * @param  DateTimeImmutable|null  $readAt  null: the file does not say
     */
    public function __construct(
        public Protocol $protocol,
        public array $nodes,
        public array $links,
        public array $oneWay = [],
        public ?DateTimeImmutable $readAt = null,
    ) {}
}

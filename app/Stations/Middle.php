<?php

declare(strict_types=1);

namespace App\Stations;

use Closure;

/** What stands in the middle of the bench instead of the plan with its slots. */
final readonly class Middle
{
    /**
     * @param  string  $view  the Blade file
     * @param  Closure(): array<string, mixed>  $data  for that file; asked for only when it is rendered
     * @param  string  $version  another one whenever it would look different
     * @param  string  $storey  key of the storey it shows
     * @param  list<array{key: string, name: string}>  $storeys  the highest first
     * @param  string|null  $list  the Blade file of the list that says the same in words
     */
    public function __construct(
        public string $view,
        public Closure $data,
        public string $version,
        public string $storey,
        public array $storeys,
        public ?string $list = null,
    ) {}
}

<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Standin\House\House;
use Kavvel\Standin\House\KeptHouse;
use PHPUnit\Framework\TestCase;

final class KeptHouseTest extends TestCase
{
    private string $folder;

    private string $job;

    private string $overlay;

    protected function setUp(): void
    {
        $demo = dirname(__DIR__, 2).'/database/demo/lantern-house';
        $this->job = (string) file_get_contents("{$demo}.json");
        $this->overlay = (string) file_get_contents("{$demo}.truth.json");
        $this->folder = sys_get_temp_dir().'/kavvel-house-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), $this->files());
        rmdir($this->folder);
    }

    public function test_what_is_kept_is_what_was_read(): void
    {
        $read = House::read($this->job, $this->overlay);

        self::assertEquals($read, $this->house($this->overlay));
        self::assertCount(1, $this->files());
        self::assertEquals($read, $this->house($this->overlay));
    }

    public function test_it_is_not_worked_out_again(): void
    {
        $this->house($this->overlay);
        $other = House::read($this->job, str_replace('"seed": ', '"seed": 1', $this->overlay));
        file_put_contents($this->files()[0], serialize($other));

        self::assertSame($other->seed, $this->house($this->overlay)->seed);
    }

    public function test_another_house_is_another_file(): void
    {
        $seed = $this->house($this->overlay)->seed;

        self::assertNotSame($seed, $this->house(str_replace('"seed": ', '"seed": 1', $this->overlay))->seed);
    }

    public function test_a_spoilt_file_is_read_anew(): void
    {
        $seed = $this->house($this->overlay)->seed;
        file_put_contents($this->files()[0], 'half of');

        self::assertSame($seed, $this->house($this->overlay)->seed);
    }

    private function house(string $overlay): House
    {
        return (new KeptHouse($this->folder))->of($this->job, $overlay);
    }

    /** @return list<string> */
    private function files(): array
    {
        return array_values(array_filter((array) glob("{$this->folder}/*"), is_string(...)));
    }
}

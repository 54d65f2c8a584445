<?php

declare(strict_types=1);

namespace App\Plan;

use App\Models\SiteJob;
use App\Tenancy\Committed;
use Kavvel\Core\Floorplan\Construction;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Radio\Material;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\BuildingReader;
use Kavvel\Core\Site\Layer as WallLayer;
use Kavvel\Core\Site\Polygon;
use Kavvel\Core\Site\RoomSide;
use Kavvel\Core\Site\Vec3;

/**
 * The building of a job as drawn: storeys (top first), rooms, walls and points. Kept per version of the plan,
 * since every page needs it and few change it.
 *
 * @phpstan-type Corner array{float, float}
 * @phpstan-type Layer array{material: string, thickness: float}
 * @phpstan-type StoreyRow array{
 *     id: int, key: string, name: string, level: int, elevation: float, height: float, outline: list<Corner>, floorLayers: list<Layer>,
 *     outerLayers: list<Layer>|null, innerLayers: list<Layer>|null,
 * }
 * @phpstan-type RoomRow array{
 *     id: int, key: string, storey: string, name: string, code: string, kind: string, outline: list<Corner>, height: float|null,
 * }
 * @phpstan-type OpeningRow array{kind: string, offset: float, width: float, sill: float, head: float, layers: list<Layer>}
 * @phpstan-type WallRow array{
 *     key: string, storey: string, label: string, from: Corner, to: Corner, height: float, layers: list<Layer>, openings: list<OpeningRow>,
 * }
 * @phpstan-type PointRow array{
 *     id: int, key: string, room: int, x: float, y: float, z: float, purpose: string, mains: bool, cable: string|null, count: int|null,
 *     label: string|null,
 * }
 */
final readonly class Geometry
{
    /**
     * @param  list<StoreyRow>  $storeys
     * @param  array<int, RoomRow>  $rooms  by id
     * @param  list<WallRow>  $walls
     * @param  list<PointRow>  $points
     */
    private function __construct(public array $storeys, public array $rooms, public array $walls, public array $points) {}

    public static function of(SiteJob $job): self
    {
        $kept = Committed::rememberForever("geometry.{$job->id}.{$job->plan_version}", static fn (): array => self::read($job));

        return new self($kept['storeys'], $kept['rooms'], $kept['walls'], $kept['points']);
    }

    /** @return StoreyRow|null */
    public function storey(?string $key): ?array
    {
        foreach ($this->storeys as $storey) {
            if ($storey['key'] === $key) {
                return $storey;
            }
        }

        return null;
    }

    /** @return StoreyRow */
    public function storeyOfRoom(int $roomId): array
    {
        return $this->storey($this->rooms[$roomId]['storey']) ?? $this->storeys[0];
    }

    /** @param RoomRow $room its name, and its storey where another room is called the same */
    public function roomTitle(array $room): string
    {
        $alike = array_filter($this->rooms, static fn (array $other): bool => $other['name'] === $room['name']);

        return count($alike) === 1
            ? $room['name']
            : "{$room['name']} (".mb_strtolower($this->storey($room['storey'])['name'] ?? '').')';
    }

    /** @return list<RoomRow> */
    public function roomsOn(string $storey): array
    {
        return array_values(array_filter($this->rooms, static fn (array $room): bool => $room['storey'] === $storey));
    }

    /** @return list<WallRow> */
    public function wallsOn(string $storey): array
    {
        return array_values(array_filter($this->walls, static fn (array $wall): bool => $wall['storey'] === $storey));
    }

    /** The room that a place of this storey lies in. */
    public function roomAt(string $storey, float $x, float $y): ?int
    {
        foreach ($this->roomsOn($storey) as $room) {
            if ((new Polygon($room['outline']))->contains($x, $y)) {
                return $room['id'];
            }
        }

        return null;
    }

    /** The chosen room where the place lies in it or in one of its walls, else the room that it does lie in. */
    public function roomFor(int $chosen, Vec3 $place): ?int
    {
        $outline = new Polygon($this->rooms[$chosen]['outline']);
        $antenna = (new RoomSide($this->building()->walls))->place($place, $outline);

        return $outline->contains($antenna->x, $antenna->y) ? $chosen : $this
            ->roomAt($this->rooms[$chosen]['storey'], $place->x, $place->y);
    }

    public function building(): Building
    {
        return $this->buildingWith([]);
    }

    /**
     * As it would be with some of its walls built otherwise.
     *
     * @param  array<string, Construction>  $walls  by key
     */
    public function buildingWith(array $walls): Building
    {
        $layers = static fn (Construction $one): array => array_map(
            static fn (WallLayer $layer): array => ['material' => $layer->material, 'thickness' => $layer->thickness],
            $one->layers(),
        );
        $rows = array_map(static fn (array $row): array => isset($walls[$row['key']])
            ? [...$row, 'layers' => $layers($walls[$row['key']])]
            : $row, $this->walls);

        return (new BuildingReader(Material::names()))->building(
            Input::of($this->storeys, '$.storeys')->items(),
            Input::of($rows, '$.walls')->items(),
        );
    }

    /**
     * The columns are written by the importer and the editor only, both of which have checked them.
     *
     * @return array{storeys: list<StoreyRow>, rooms: array<int, RoomRow>, walls: list<WallRow>, points: list<PointRow>}
     */
    private static function read(SiteJob $job): array
    {
        $storeys = [];
        foreach ($job->storeys()->orderByDesc('level')->orderBy('id')->get() as $storey) {
            $storeys[$storey->id] = [
                'id' => $storey->id, 'key' => $storey->key, 'name' => $storey->name, 'level' => $storey->level,
                'elevation' => $storey->elevation, 'height' => $storey->height, 'outline' => $storey->outline,
                'floorLayers' => $storey->floor_layers, 'outerLayers' => $storey->outer_layers, 'innerLayers' => $storey->inner_layers,
            ];
        }
        $rooms = [];
        foreach ($job->rooms()->orderBy('id')->get() as $room) {
            $rooms[$room->id] = [
                'id' => $room->id, 'key' => $room->key, 'storey' => $storeys[$room->storey_id]['key'], 'name' => $room->name,
                'code' => $room->code, 'kind' => $room->kind, 'outline' => $room->outline, 'height' => $room->height,
            ];
        }
        $walls = [];
        foreach ($job->walls()->orderBy('id')->get() as $wall) {
            $walls[] = [
                'key' => $wall->key, 'storey' => $storeys[$wall->storey_id]['key'], 'label' => $wall->label, 'from' => $wall->from,
                'to' => $wall->to, 'height' => $wall->height, 'layers' => $wall->layers, 'openings' => $wall->openings,
            ];
        }
        $points = [];
        foreach ($job->points()->orderBy('id')->get() as $point) {
            $points[] = [
                'id' => $point->id, 'key' => $point->key, 'room' => $point->room_id, 'x' => $point->x, 'y' => $point->y,
                'z' => $point->z, 'purpose' => $point->purpose, 'mains' => $point->mains, 'cable' => $point->cable,
                'count' => $point->cable_count, 'label' => $point->label,
            ];
        }

        /** @var array{storeys: list<StoreyRow>, rooms: array<int, RoomRow>, walls: list<WallRow>, points: list<PointRow>} */
        return ['storeys' => array_values($storeys), 'rooms' => $rooms, 'walls' => $walls, 'points' => $points];
    }
}

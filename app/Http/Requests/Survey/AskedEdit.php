<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use Illuminate\Http\Request;
use Kavvel\Core\Cabling\PointLabels;
use Kavvel\Core\Floorplan\Construction;
use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Edits;
use Kavvel\Core\Floorplan\FloorKind;
use Kavvel\Core\Floorplan\LayerText;
use Kavvel\Core\Floorplan\Measured;
use Kavvel\Core\Floorplan\OpeningKind;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\RoomKind;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Radio\Material;
use Kavvel\Core\Site\Layer;

/** The core's edit that a checked request asks for. */
final readonly class AskedEdit
{
    private function __construct(private Request $asked, private Plan $plan) {}

    /** @throws InvalidInput where a text is not what it should be */
    public static function of(string $edit, Request $asked, Plan $plan): Edit
    {
        $one = new self($asked, $plan);

        return match ($edit) {
            'add-room', 'move-room', 'resize-room', 'cut-corner', 'change-room', 'remove-room' => $one->ofRoom($edit),
            'move-wall', 'change-wall', 'put-opening', 'remove-opening' => $one->ofWall($edit),
            'add-storey', 'change-storey', 'remove-storey' => $one->ofStorey($edit),
            default => $one->ofThing($edit),
        };
    }

    private function ofRoom(string $edit): Edit
    {
        $room = $this->text('room');

        return match ($edit) {
            'add-room' => new Edits\AddRoom(
                Measured::parse($this->text('measured')),
                $this->text('storey'),
                RoomKind::from($this->text('kind')),
            ),
            'move-room' => new Edits\MoveRoom($room, $this->number('dx'), $this->number('dy'), $this->asked->boolean('by_hand')),
            'resize-room' => new Edits\ResizeRoom($room, $this->number('width'), $this->number('depth')),
            'cut-corner' => new Edits\CutCorner($room, $this->asked->integer('corner'), $this->number('across'), $this->number('down')),
            'change-room' => new Edits\ChangeRoom(
                $room,
                $this->text('name'),
                mb_strtoupper($this->text('code')),
                RoomKind::from($this->text('kind')),
                $this->asked->filled('room_height') ? $this->number('room_height') : null,
            ),
            default => new Edits\RemoveRoom($room),
        };
    }

    private function ofWall(string $edit): Edit
    {
        $wall = $this->text('wall');

        return match ($edit) {
            'move-wall' => new Edits\MoveWall($wall, $this->number('by'), $this->asked->boolean('by_hand')),
            'change-wall' => new Edits\ChangeWall($wall, $this->layers(), $this->text('label')),
            'put-opening' => new Edits\PutOpening(
                $wall,
                OpeningKind::from($this->text('opening'))->at(
                    $this->number('offset'),
                    $this->number('opening_width'),
                    $this->number('sill'),
                    $this->number('head'),
                ),
                $this->asked->filled('number') ? $this->asked->integer('number') : null,
            ),
            default => new Edits\RemoveOpening($wall, $this->asked->integer('opening_number')),
        };
    }

    private function ofStorey(string $edit): Edit
    {
        if ($edit === 'add-storey') {
            return new Edits\AddStorey(
                $this->text('name'),
                $this->text('where'),
                $this->number('height'),
                FloorKind::tryFrom($this->text('floor')) ?? FloorKind::Ground,
            );
        }
        $storey = $this->plan->storey($this->text('storey'));

        return $edit === 'remove-storey' ? new Edits\RemoveStorey($storey->key) : new Edits\ChangeStorey(
            $storey->key,
            $this->text('name'),
            $this->number('height'),
            FloorKind::tryFrom($this->text('floor'))?->layers() ?? $storey->floorLayers,
            Construction::tryFrom($this->text('outer'))?->layers() ?? $storey->outerLayers,
            Construction::tryFrom($this->text('inner'))?->layers() ?? $storey->innerLayers,
        );
    }

    private function ofThing(string $edit): Edit
    {
        [$x, $y] = [$this->number('x'), $this->number('y')];

        return match ($edit) {
            'add-riser' => Edits\AddDuct::riser($this->text('name'), $x, $y, $this->text('storey'), $this->text('to'), $this->plan),
            'add-duct' => Edits\AddDuct::along(
                $this->text('name'),
                $this->text('path'),
                $this->text('storey'),
                $this->number('height'),
                $this->plan,
            ),
            'remove-duct' => new Edits\RemoveDuct($this->text('duct')),
            'move-hub' => new Edits\MoveHub($this->text('hub'), $this->text('storey'), $x, $y),
            'add-point' => new Edits\AddPoint($this->text('storey'), $x, $y, $this->number('height'), [
                'purpose' => $this->text('purpose'), 'mains' => $this->asked->boolean('mains'),
            ]),
            'change-point' => $this->changedPoint($this->text('point')),
            'move-point' => new Edits\MoveThing('points', $this->text('point'), $x, $y),
            default => new Edits\RemovePoint($this->text('point')),
        };
    }

    /** Whoever says what comes to a point is about to write its label. */
    private function changedPoint(string $point): Edit
    {
        return new Edits\ChangePoint($point, [
            'purpose' => $this->text('purpose'),
            'mains' => $this->asked->boolean('mains'),
            'cable' => $this->text('cable') ?: null,
            'count' => $this->asked->filled('cable_count') ? $this->asked->integer('cable_count') : null,
            'label' => PointLabels::of($this->plan)[$point] ?? null,
        ]);
    }

    /** @return list<Layer> */
    private function layers(): array
    {
        return Construction::tryFrom($this->text('construction'))?->layers()
            ?? LayerText::read($this->text('layers'), Material::names());
    }

    private function text(string $field): string
    {
        return $this->asked->string($field)->squish()->toString();
    }

    private function number(string $field): float
    {
        return (float) $this->asked->input($field);
    }
}

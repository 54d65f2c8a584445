<?php

use App\Stations\Bridge\BridgeStation;
use App\Stations\Fit\FitStation;
use App\Stations\HandOver\HandOverStation;
use App\Stations\Mesh\MeshStation;
use App\Stations\Name\NameStation;
use App\Stations\Pair\PairStation;
use App\Stations\Survey\SurveyStation;

/** The stations that exist, by name: the address of their page, and in the order in which people work. */
return [
    'survey' => SurveyStation::class,
    'fit' => FitStation::class,
    'pair' => PairStation::class,
    'name' => NameStation::class,
    'mesh' => MeshStation::class,
    'bridge' => BridgeStation::class,
    'hand-over' => HandOverStation::class,
];

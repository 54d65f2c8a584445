<?php

declare(strict_types=1);

use App\Http\Controllers;
use App\Idempotency\StoreOnce;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/jobs');

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', [Controllers\SessionController::class, 'create'])->name('sign-in');
    Route::post('/sign-in', [Controllers\SessionController::class, 'store']);
});

Route::middleware(['auth', 'company', StoreOnce::class])->group(static function (): void {
    Route::post('/sign-out', [Controllers\SessionController::class, 'destroy'])->name('sign-out');
    Route::get('/bare', Controllers\BareController::class)->name('bare');
    Route::put('/keys', [Controllers\SingleKeysController::class, 'update'])->name('keys.update');

    Route::get('/jobs', [Controllers\JobController::class, 'index'])->name('jobs.index');
    Route::post('/jobs', [Controllers\JobController::class, 'store'])->name('jobs.store');

    Route::prefix('/jobs/{job}')->middleware('can:view,job')->scopeBindings()->group(static function (): void {
        Route::get('/', [Controllers\JobController::class, 'show'])->name('jobs.show');
        Route::get('/survey', Controllers\SurveyController::class)->name('jobs.survey');
        Route::get('/pair', Controllers\PairController::class)->name('jobs.pair');
        Route::get('/name', Controllers\NameController::class)->name('jobs.name');
        Route::get('/mesh', Controllers\MeshController::class)->name('jobs.mesh');
        Route::get('/hand-over', Controllers\HandOverController::class)->name('jobs.hand-over');
        Route::get('/export', [Controllers\JobFileController::class, 'show'])->name('jobs.export');
        Route::get('/plan/{storey:key}.svg', Controllers\PlanController::class)->name('jobs.plan');
        Route::get('/logbook', [Controllers\LogbookController::class, 'index'])->name('jobs.logbook');
        Route::get('/snags', [Controllers\SnagController::class, 'index'])->name('jobs.snags');
        Route::get('/find', Controllers\FindController::class)->name('jobs.find');
        Route::get('/packs/{pack:number}', [Controllers\PackController::class, 'show'])->name('jobs.packs.show');
        Route::put('/client', [Controllers\ClientController::class, 'update'])->middleware('can:editClient,job')->name('jobs.client.update');
        Route::put('/visit', [Controllers\VisitController::class, 'update'])->middleware('can:editClient,job')->name('jobs.visit.update');

        Route::middleware('can:work,job')->group(static function (): void {
            Route::post('/logbook', [Controllers\LogbookController::class, 'store'])->name('jobs.logbook.store');
            Route::post('/windows', [Controllers\JoinWindowController::class, 'store'])->name('jobs.windows.store');
            Route::delete('/windows/{joinWindow:reference}', [Controllers\JoinWindowController::class, 'destroy'])->name('jobs.windows.destroy');
            Route::put('/attempts/{pairAttempt:id}', [Controllers\PairAttemptController::class, 'update'])->name('jobs.attempts.update');
            Route::post('/slots', [Controllers\SlotController::class, 'store'])->name('jobs.slots.store');
            Route::put('/slots/{slot}', [Controllers\SlotController::class, 'update'])->name('jobs.slots.update');
            Route::delete('/slots/{slot}', [Controllers\SlotController::class, 'destroy'])->name('jobs.slots.destroy');
            Route::post('/slots/{slot}/put-off', [Controllers\PutOffController::class, 'store'])->name('jobs.slots.put-off');
            Route::post('/slots/{slot}/node', [Controllers\NodeMatchController::class, 'store'])->name('jobs.slots.node.store');
            Route::delete('/slots/{slot}/node', [Controllers\NodeMatchController::class, 'destroy'])->name('jobs.slots.node.destroy');
            Route::post('/slots/{slot}/hand-pairing', [Controllers\HandPairingController::class, 'store'])->name('jobs.slots.hand-pairing.store');
            Route::put('/slots/{slot}/name', [Controllers\SlotNameController::class, 'update'])->name('jobs.slots.name.update');
            Route::post('/slots/{slot}/proofs', [Controllers\ProofController::class, 'store'])->name('jobs.slots.proofs.store');
            Route::post('/slots/{slot}/proof-commands', [Controllers\ProofCommandController::class, 'store'])->name('jobs.slots.proof-commands.store');
            Route::post('/slots/{slot}/credentials', [Controllers\CredentialController::class, 'store'])->name('jobs.slots.credentials.store');
            Route::post('/slots/{slot}/credentials/{credential:id}', [Controllers\CredentialController::class, 'show'])->name('jobs.slots.credentials.show');
            Route::post('/radio-surveys', [Controllers\RadioSurveyController::class, 'store'])->name('jobs.radio-surveys.store');
            Route::post('/relays', [Controllers\RelayController::class, 'store'])->name('jobs.relays.store');
            Route::post('/snags', [Controllers\SnagController::class, 'store'])->name('jobs.snags.store');
            Route::put('/snags/{snag:key}', [Controllers\SnagController::class, 'update'])->name('jobs.snags.update');
            Route::put('/questions/{question:key}', [Controllers\QuestionController::class, 'update'])->name('jobs.questions.update');
        });

        Route::middleware('can:lead,job')->group(static function (): void {
            Route::put('/rules', [Controllers\JobRulesController::class, 'update'])->name('jobs.rules.update');
            Route::post('/snags/{snag:key}/acceptance', [Controllers\SnagAcceptanceController::class, 'store'])->name('jobs.snags.acceptance.store');
            Route::post('/packs', [Controllers\PackController::class, 'store'])->name('jobs.packs.store');
        });
    });
});

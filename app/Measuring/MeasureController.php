<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Contract\Endpoint;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use LowPoint\Core\CaseFile\MeasureRequest;
use LowPoint\Core\Simulation\FilmedSwing;

/** What was marked in a picture, or over frames, as figures. Only marks come here, never a picture; nothing is stored. */
final class MeasureController
{
    /** A face-on picture at address. */
    #[Endpoint(MeasuredPictureResource::class)]
    public function picture(MeasurePictureRequest $request): MeasuredPictureResource
    {
        return new MeasuredPictureResource(MeasureRequest::fromValue(['kind' => 'picture'] + $request->marks())->toArray());
    }

    /** Made-up swings to try it on: films of which the truth is known. */
    #[Endpoint(MadeUpSwingResource::class, list: true)]
    public function madeUp(): AnonymousResourceCollection
    {
        return MadeUpSwingResource::collection(
            array_map(
                static fn(string $id, FilmedSwing $swing): array => ['id' => $id, 'swing' => $swing],
                array_keys(FilmedSwing::shipped()),
                FilmedSwing::shipped(),
            ),
        );
    }

    /** The clubhead over frames round the strike. */
    #[Endpoint(MeasuredTraceResource::class)]
    public function trace(MeasureTraceRequest $request): MeasuredTraceResource
    {
        return new MeasuredTraceResource(MeasureRequest::fromValue(['kind' => 'trace'] + $request->marks())->toArray());
    }
}

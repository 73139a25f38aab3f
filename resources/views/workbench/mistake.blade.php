<div class="mistake-pair">
@foreach ($mistake->floors as $floor)
    <figure><div class="sheet-pair">
        @include('workbench.drawing', ['picture' => $floor['above'], 'label' => $floor['name'].', '.__('floor.from-above')])
        @include('workbench.side', ['picture' => $floor['side'], 'label' => $floor['name'].', '.__('floor.from-the-side')])
    </div><figcaption>{{ $floor['name'] }}</figcaption></figure>
@endforeach
</div>

<div class="bench-settings" id="bench-settings" role="group" aria-label="For whom, from which side, at which pace">
    <label>you <select class="form-select form-select-sm" name="defender" data-size-you>@foreach ($settings->sizes as $name => $stature)<option value="{{ $name }}" @selected($settings->defender === (string) $name)>{{ $name }}, {{ number_format($stature, 2) }} m</option>@endforeach</select></label>
    <button type="button" class="btn btn-plain btn-sm" data-key="x" x-on:click="swapSizes" aria-label="Swap the sizes" title="Swap the sizes (x)">⇄</button>
    <label>he <select class="form-select form-select-sm" name="attacker" data-size-he>@foreach ($settings->sizes as $name => $stature)<option value="{{ $name }}" @selected($settings->attacker === (string) $name)>{{ $name }}, {{ number_format($stature, 2) }} m</option>@endforeach</select></label>
    <label class="check"><input type="checkbox" name="side" value="mirrored" data-key="m" @checked($settings->side === StoneDrill\Core\Attack\Side::Mirrored) @disabled($symmetric)> mirrored</label>
    <label>pace <select class="form-select form-select-sm" name="rung"><option value="">full, nothing told</option>@foreach ($rungs as $rung)<option value="{{ $rung->id }}" @selected($settings->rung?->id === $rung->id)>{{ $rung->id }} {{ $rung->name }}</option>@endforeach</select></label>
    <label>bearings <select class="form-select form-select-sm" name="style">@foreach (StoneDrill\Core\Floor\BearingStyle::cases() as $style)<option value="{{ $style->value }}" @selected($settings->style === $style)>{{ $style->value }}</option>@endforeach</select></label>
    <label class="check"><input type="checkbox" checked data-layer="threats" x-on:change="layers"> what he reaches</label>
    <label class="check"><input type="checkbox" data-layer="reach" x-on:change="layers"> your reach</label>
</div>

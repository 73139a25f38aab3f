<x-wrong-fields/>
<div class="slab">
    <div class="facet-grid">
        <x-field name="name" label="Name"><input class="form-control @error('name') is-invalid @enderror" id="name" name="name" value="{{ old('name', $student->name ?? '') }}" required maxlength="200"></x-field>
        <x-field name="rank" label="Rank"><select class="form-select" id="rank" name="rank">@foreach ($ranks as $rank)<option value="{{ $rank->id }}" @selected((int) old('rank', $student->rank_id ?? 0) === $rank->id)>{{ $rank->name }}</option>@endforeach</select></x-field>
        <x-field name="height" label="Stature in metres"><input class="form-control @error('height') is-invalid @enderror" id="height" name="height" type="number" step="0.01" min="0.8" max="2.4" value="{{ old('height', $student->height ?? '') }}"></x-field>
        <x-field name="born" label="Born"><input class="form-control @error('born') is-invalid @enderror" id="born" name="born" type="date" value="{{ old('born', isset($student) ? $student->born?->format('Y-m-d') : '') }}"></x-field>
    </div>
    <fieldset class="mt-3"><legend class="form-label fs-6">Not with them</legend>
        <div class="checks">@foreach ($flags as $flag)<label><input type="checkbox" name="flags[]" value="{{ $flag }}" @checked(in_array($flag, (array) old('flags', $student->flags ?? []), true))> {{ Str::after($flag, 'no-') }}</label>@endforeach</div></fieldset>
</div>

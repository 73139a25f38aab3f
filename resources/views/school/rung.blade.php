<div><label class="form-label" for="rung-name-{{ $key }}">Name</label><input class="form-control form-control-sm" id="rung-name-{{ $key }}" name="name" value="{{ $rung->name ?? '' }}" required maxlength="200"></div>
<div><label class="form-label" for="rung-pace-{{ $key }}">Pace, 1 is full</label><input class="form-control form-control-sm" id="rung-pace-{{ $key }}" name="pace" type="number" min="0.1" max="1.5" step="0.05" value="{{ $rung->pace ?? 1 }}" required></div>
<div><label class="form-label" for="rung-resistance-{{ $key }}">Resistance</label><select class="form-select form-select-sm" id="rung-resistance-{{ $key }}" name="resistance">@foreach (['none', 'some', 'much', 'full'] as $level => $word)<option value="{{ $level }}" @selected(($rung->resistance ?? 2) === $level)>{{ $word }}</option>@endforeach</select></div>
@foreach (['attack_told' => 'attack told', 'moment_told' => 'moment told', 'follow_ups' => 'follow-ups'] as $field => $word)
    <label class="tick"><input type="checkbox" class="form-check-input" name="{{ $field }}" value="1" @checked($rung->{$field} ?? false)> {{ $word }}</label>
@endforeach
<div class="wide"><label class="form-label" for="rung-stressors-{{ $key }}">Stressors, with commas</label><input class="form-control form-control-sm" id="rung-stressors-{{ $key }}" name="stressors" maxlength="400" value="{{ implode(', ', $rung->stressors ?? []) }}"></div>

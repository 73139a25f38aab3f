<tr>
<th scope="row">{{ $number }}</th>
<td><x-input small :name="'ranks['.$at.'][name]'" :id="'rank-'.$at" :value="$row['name']" maxlength="200"
    :aria-label="__('beginning.ranks.of-row.name', ['number' => $number])"/></td>
<td><x-input small :name="'ranks['.$at.'][max_beats]'" :id="'beats-'.$at" type="number" min="1" max="99" :value="$row['max_beats'] ?? ''"
    :aria-label="__('beginning.ranks.of-row.max_beats', ['number' => $number])"/></td>
<td><x-select small :name="'ranks['.$at.'][goal_rung]'" :id="'goal-'.$at" :options="$rungs" :value="$row['goal_rung'] ?? ''"
    :aria-label="__('beginning.ranks.of-row.goal_rung', ['number' => $number])"/></td>
</tr>

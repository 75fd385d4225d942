import { COMPUTATIONS, reckon } from './src/plan/reckon';
import { EXAMPLES } from './src/plan/reckon/examples';
for(const c of COMPUTATIONS.slice(-12)){const a=reckon(c,EXAMPLES[c.name]); console.log(c.name,a.ok?a.value:a.faults)}
import { planBrief } from './src/plan/plan';
import { trueProteinPct } from './src/core/milk/species';
const p=planBrief({format:'plump-pail/brief',version:1,method:'quick-stretched',milk:{species:'cow',litres:7.5,fatPct:4.2,proteinPct:trueProteinPct(3.2,'cow'),treatment:'pasteurised',homogenised:false,startC:4},acid:{kind:'citric'},roomC:20,altitudeM:0,options:{},coagulant:{form:'liquid',imcuPerMl:200,ageMonths:0}} as any);
if(p.ok)console.log(p.value.plan.predictions.yieldKg);

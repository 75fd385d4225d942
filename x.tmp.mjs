import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
const B={format:'plump-pail/brief',version:1};
const tries=[
 {method:'quick-stretched',milk:{species:'cow',litres:4},acid:{kind:'citric',given:{amount:1.5,unit:'tsp'}},coagulant:{form:'tablet',imcuEach:1500,given:{amount:0.25,unit:'tablet'}},salt:{given:{amount:1,unit:'tsp'}},calcium:{given:{amount:0.25,unit:'tsp'}}},
 {method:'quick-stretched',milk:{species:'cow',litres:4},acid:{kind:'vinegar',given:{amount:0.75,unit:'cup'}}},
 {method:'goat-lactic',milk:{species:'goat',litres:4},culture:{form:'saved',given:{amount:1,unit:'cup'}},coagulant:{form:'liquid',imcuPerMl:200,given:{amount:2,unit:'drop'}}},
 {method:'whole-milk-ricotta',milk:{species:'cow',litres:4},acid:{kind:'lemon',given:{amount:3,unit:'tbsp'}}},
 {method:'quick-stretched',milk:{species:'cow',litres:4},acid:{kind:'citric',given:{amount:1.5,unit:'sachet'}}},
 {method:'quick-stretched',milk:{species:'cow',litres:4},acid:{kind:'citric',given:{amount:6,unit:'g'}},options:{acidPH:5.6}},
 {method:'whole-milk-ricotta',milk:{species:'cow',litres:4},coagulant:{form:'liquid',imcuPerMl:200,given:{amount:2,unit:'drop'}}},
 {method:'squeaky-curds',milk:{species:'cow',litres:7.6},heat:{by:'sink',bathLitres:40,bathC:50},keepWarm:'insulated'},
 {method:'squeaky-curds',milk:{species:'cow',litres:7.6},heat:{by:'sink',bathLitres:5,bathC:35}},
];
for(const t of tries){writeFileSync('/tmp/b.json',JSON.stringify({...B,...t}));try{const o=JSON.parse(execFileSync('npx',['tsx','cli/main.ts','plan','/tmp/b.json'],{stdio:['ignore','pipe','pipe']}).toString());console.log(t.method,o.doses.map(d=>d.id+' '+d.grams+'g '+d.spoons).join('; '),'| pH',o.predictions.pHAfterAcid,'set',o.predictions.setMin?.likely,'sour',o.predictions.acidifyHours?.likely,'salt',o.predictions.saltPct,'warm',o.stages.find(s=>s.kind==='warm')?.durationMin.likely);console.log('   ',o.cautions.filter(c=>c.told).map(c=>c.stage+': '+c.text).join('\n    '));}catch(e){console.log('FAULT',e.stderr?.toString().split('\n').filter(l=>!l.startsWith('npm')).join(' '))}}

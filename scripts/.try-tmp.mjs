import { open } from './.shot-tmp.mjs';
const {b,c}=await open({wide:true}); const p=await c.newPage(); p.on('pageerror',e=>console.log('PAGEERROR',e.message.slice(0,200))); p.on('console',m=>{if(m.type()==='error')console.log('CONSOLE',m.text().slice(0,300))});
const U='http://localhost:4300/';
const ready=async(q=p)=>{await q.getByRole('navigation').waitFor(); await q.waitForTimeout(400);};
await p.goto(U); await ready();
const type=async(t,q=p)=>{ await q.keyboard.type(t); await q.waitForTimeout(200);};
await type('cbrt(123456789)'); await p.keyboard.press('Enter'); await p.waitForTimeout(800);
await p.reload(); await ready();
console.log('tape after reload lines', await p.getByRole('button',{name:/cbrt|∛|Use the answer/}).count(), 'alerts', await p.getByRole('alert').count());
// two tabs
const q=await c.newPage(); await q.goto(U); await ready(q);
await p.bringToFront(); await type('11+1'); await p.keyboard.press('Enter'); await p.waitForTimeout(500);
await q.bringToFront(); await type('22+2',q); await q.keyboard.press('Enter'); await q.waitForTimeout(500);
await p.bringToFront(); await type('33+3'); await p.keyboard.press('Enter'); await p.waitForTimeout(500);
await q.bringToFront(); await type('44+4',q); await q.keyboard.press('Enter'); await q.waitForTimeout(500);
await p.reload(); await q.reload(); await ready(); await ready(q);
for (const t of [p,q]) console.log('tab', await t.evaluate(()=>['12','24','36','48'].map(x=>document.body.innerText.includes(x))));
// hostile then innocent
await p.bringToFront();
const link=async(text)=>{ await p.goto('about:blank'); await p.goto(U+'#ulkav='+encodeURIComponent(JSON.stringify({kind:'line',text,angle:'deg',impliedFirst:false,complex:false,decimalSign:'.',own:null,keys:[]}))); await ready(); const t0=Date.now(); const bt=p.getByRole('button',{name:'Put it on the Bench'}); await bt.click(); await p.waitForTimeout(50); await p.evaluate(()=>1); return Date.now()-t0; };
for (const [n,t] of [['1000(', '('.repeat(1000)],['1500x','x'.repeat(1500)],['10000x','x'.repeat(10000)],['400 nested','('.repeat(400)+'1'+')'.repeat(400)],['499 frac','1/('.repeat(450)+'1'+')'.repeat(450)],['sum 5000','1+'.repeat(4999)+'1'],['2000 nested','('.repeat(2000)+'1'+')'.repeat(2000)],['sqrt499','sqrt('.repeat(490)+'1'+')'.repeat(490)]]) {
  const ms=await link(t); const t1=Date.now(); await p.keyboard.press('End'); await p.keyboard.type('1'); await p.evaluate(()=>new Promise(r=>requestAnimationFrame(()=>setTimeout(r)))); const k=Date.now()-t1;
  console.log(n,'open',ms,'two keys',k, (await p.evaluate(()=>document.body.innerText.length)));
  const t2=Date.now(); await p.reload(); await ready(); console.log('   reload',Date.now()-t2);
}
await p.screenshot({path:'/tmp/s3.png'});
await b.close();
